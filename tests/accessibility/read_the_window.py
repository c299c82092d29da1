"""Fusain over the accessibility bus, as a screen reader has it: every place is read out, and a whole test under water is
run from the first step to the handover. Nothing is known here but what the bus tells; no key is pressed.

Usage: dbus-run-session -- xvfb-run -a python3 read_the_window.py PROGRAM
"""
import sys
import time
import unittest

from reader import ENABLED, Atspi, Window, act, name_of, wait_for

PROGRAM = sys.argv.pop(1)
PLACES = ["Day", "Clients", "Bench", "Quality", "Library", "Settings"]
CONTROLS = ["push button", "check box", "combo box", "text", "list", "list item", "table", "tree", "page tab", "image"]


class OverTheBus(unittest.TestCase):
    def setUp(self):
        self.window = Window(PROGRAM)
        self.addCleanup(self.window.close)

    def test_every_place_is_read_out(self):
        read = 0
        for place in PLACES:
            self.window.open(place)
            shown = wait_for(self.controls, place, 30)
            read += len(shown)
            for role, name, description in shown:
                self.assertTrue(name, f"{place}: a {role} has no name")
                self.assertTrue(role != "image" or description, f"{place}: {name} says nothing")
        self.assertGreater(read, 100)

    def test_what_is_selected_is_what_is_shown(self):
        self.choose_client("Dov Castellane")
        for page in ["People", "Screen and keys"]:
            self.window.open("Settings")
            self.window.press(lambda name: name == page, "list item")
            self.there("label", lambda name: name == f"Settings  ›  {page}")

    def test_a_test_under_water_is_run_to_the_handover(self):
        self.choose_client("Ailsa Brandvold")
        self.window.press(lambda name: name == "Start a test")
        steps, said, until = [], "", time.monotonic() + 240
        while time.monotonic() < until:
            at, done = wait_for(self.one_step, "a step that can be read whole", 30)
            steps += [at] if at not in steps else []
            said = done or said
            if said.startswith("Hand over"):
                break
            time.sleep(0.4)
        wait_for(lambda: "To sign" in " ".join(self.labels()) or "handed over" in " ".join(self.labels()).lower(),
                 f"the handover; {steps[-1]}, pressed last: {said}", 20)
        for step in ["Screening", "Readiness", "Dry mass", "Vital capacity", "Trials", "Interpretation", "Sign"]:
            self.assertIn(step, steps)

    def controls(self):
        """Each control that shows: role, name, description."""
        return [(each.get_role_name(), name_of(each), each.get_description())
                for each in self.window.everything() if each.get_role_name() in CONTROLS]

    def there(self, role, said):
        return wait_for(lambda: self.window.first(role, said), role, 30)

    def choose_client(self, name):
        self.window.open("Clients")
        self.window.press(lambda said: said.startswith(name), "list item")
        self.there("label", lambda said: said == f"Clients  ›  {name}")

    def labels(self):
        return [name_of(each) for each in self.window.all("label")]

    def one_step(self):
        """Reads the open step and does what its foot says: the step and what was pressed or written, if anything."""
        at, buttons, fields = self.bench()
        return at, self.answer(fields) or self.act(buttons)

    def bench(self):
        """The open step, its buttons and its fields: what stands after the run sheet."""
        def shown():
            names = [(each.get_role_name(), name_of(each), each) for each in self.window.everything()]
            after = [i for i, (role, name, _) in enumerate(names) if (role, name) == ("label", "Run sheet")]
            return names[after[0] + 1:] if after else None
        names = wait_for(shown, "the run sheet", 30)
        step = next(name for role, name, _ in names if role == "label" and name)
        usable = [(role, name, each) for role, name, each in names if each.get_state_set().contains(ENABLED)]
        return (step, [(name, each) for role, name, each in usable if role == "push button"],
                {name: each for role, name, each in usable if role == "text"})

    @staticmethod
    def answer(fields):
        """Weeks of a habit are the one thing that is not answered as asked for; then the sentence for the client."""
        for name, words in [("Answer", "8"), ("Interpretation", "No change since the last test.")]:
            field = fields.get(name)
            if field and not Atspi.Text.get_text(field, 0, -1).strip():
                Atspi.EditableText.set_text_contents(field, words)
                return words
        return ""

    @staticmethod
    def act(buttons):
        """What the foot of the step says; all as asked where that is offered. A blow ends by itself."""
        for said in ["as asked, read out as a list", "[Space]", "[Ctrl+Enter]"]:
            for name, button in buttons:
                if said in name and not name.startswith("End the effort"):
                    act(button)
                    return name
        return ""


if __name__ == "__main__":
    unittest.main()
