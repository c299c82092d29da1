-- What the account of a workstation may do in a lab book on a PostgreSQL server. The owner of the database runs this once
-- for each account, with its name in the place of WORKSTATION:
--   sed 's/WORKSTATION/tank_pc/' workstation-rights.sql | psql labbook
-- The journal can be added to, and not changed. Tables are made, and brought forward, by the owner only.
GRANT USAGE ON SCHEMA public TO WORKSTATION;
GRANT SELECT, INSERT ON journal, recordings TO WORKSTATION;
GRANT SELECT, INSERT, UPDATE, DELETE ON clients, staff, visits, tests, results, checks, studies, settings, secrets, grants, leases TO WORKSTATION;
GRANT SELECT, UPDATE, INSERT ON meta TO WORKSTATION;
