"""The window as another program reads it: over the accessibility bus of the desktop, nothing else."""
import os
import subprocess
import tempfile
import time

import gi

gi.require_version("Atspi", "2.0")
from gi.repository import Atspi, GLib  # noqa: E402

SHOWING = Atspi.StateType.SHOWING
ENABLED = Atspi.StateType.ENABLED


def wait_for(found, what, seconds=90):
    """Asks until there is an answer; gives up long after a slow machine would have had one.

    A part of the window may go while it is read: that is read once more, as a screen reader does."""
    until = time.monotonic() + seconds
    gone = None
    while time.monotonic() < until:
        try:
            answer = found()
            if answer:
                return answer
        except GLib.GError as error:
            gone = error
        time.sleep(0.1)
    raise AssertionError(f"not there after {seconds} s: {what}" + (f"; last: {gone}" if gone else ""))


class Window:
    """Fusain with the made-up lab, started on the display and the bus of this session."""

    def __init__(self, program, *options):
        self.folder = tempfile.TemporaryDirectory(prefix="fusain-reader-")
        home = self.folder.name
        os.chmod(home, 0o700)
        environment = dict(os.environ, QT_QPA_PLATFORM="xcb", QT_LINUX_ACCESSIBILITY_ALWAYS_ON="1", HOME=home,
                           XDG_RUNTIME_DIR=home, XDG_CONFIG_HOME=home, XDG_DATA_HOME=home, TZ="UTC", LC_ALL="C.UTF-8")
        self.process = subprocess.Popen([program, "--demo", *options], env=environment)
        self.root = wait_for(self._find, "the window of Fusain")

    def close(self):
        self.process.terminate()
        self.process.wait(30)
        self.folder.cleanup()

    @staticmethod
    def _find():
        desktop = Atspi.get_desktop(0)
        for place in range(desktop.get_child_count()):
            program = desktop.get_child_at_index(place)
            if program and program.get_name() == "fusain" and program.get_child_count():
                return program
        return None

    def everything(self, inside=None):
        """What shows, from the top down."""
        inside = inside or self.root
        for place in range(inside.get_child_count()):
            child = inside.get_child_at_index(place)
            if child is None or not child.get_state_set().contains(SHOWING):
                continue
            yield child
            yield from self.everything(child)

    def all(self, role):
        return [each for each in self.everything() if each.get_role_name() == role]

    def first(self, role, said):
        for each in self.everything():
            if each.get_role_name() == role and said(name_of(each)) and each.get_state_set().contains(ENABLED):
                return each
        return None

    def press(self, said, role="push button"):
        wait_for(lambda: acted(self.first(role, said)), "a button to press", 20)

    def open(self, place):
        box = wait_for(lambda: acted(self.first("check box", lambda name: name == place)), place)
        wait_for(lambda: box.get_state_set().contains(Atspi.StateType.CHECKED), place)


def act(control):
    names = [control.get_action_name(i) for i in range(control.get_n_actions())]
    control.do_action(names.index("Press") if "Press" in names else names.index("Toggle"))


def acted(control):
    """The control, once it is there and was pressed."""
    if control:
        act(control)
    return control


def name_of(one):
    """Its own name, or that of its label."""
    if one.get_name():
        return one.get_name()
    for relation in one.get_relation_set():
        if relation.get_relation_type() == Atspi.RelationType.LABELLED_BY:
            return relation.get_target(0).get_name()
    return ""
