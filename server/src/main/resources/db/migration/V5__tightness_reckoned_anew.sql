-- A run keeps the setting it was ridden at; how tight that is on its machine is reckoned whenever it is asked for.
ALTER TABLE run DROP COLUMN limit_m;
