-- A year of 50 people: steps of keymaps, releases, sittings, what happened in suites, what was rehearsed, uses.
-- :kits, :users, :suites, :keymap and :preset are filled in by measure.php. Statements end with a semicolon at the end of a line.

insert into keymaps (kit_id, application, name, in_use, version, source, bindings, base, saved_bindings, saved_at, tags, created_at, updated_at)
select k, 'cutloom', 'Of ' || k, true, 1, m.source, m.bindings, m.base, m.saved_bindings, now(), '[]', now(), now()
from unnest(array[:kits]) k, keymaps m where m.id = :keymap;

insert into edits (keymap_id, user_id, title, change, version, undone, kind, created_at, updated_at)
select (select array_agg(id) from keymaps where id <> :keymap)[1 + n % 50],
  (array[:users])[1 + n % array_length(array[:users], 1)],
  'A step', '{"removed": [], "added": []}', n, false, 'own', now() - n * interval '2 minutes', now()
from generate_series(1, 80000) n;

insert into releases (preset_id, number, note, author_id, digest, content, accepted, created_at)
select r.preset_id, n, 'note', r.author_id, r.digest, r.content, '[]', now()
from releases r, generate_series(2, 200) n where r.preset_id = :preset and r.number = 1;

insert into sittings (suite_id, user_id, started_at, ended_at, ended_by, given_back_at, accepted, offered)
select (array[:suites])[1 + n % 5], (array[:users])[1 + n % 50],
  now() - n * interval '1 hour', now() - n * interval '1 hour', 'left', now(), '[]', '{}'
from generate_series(1, 12500) n;

insert into suite_events (suite_id, user_id, kind, what, at)
select (array[:suites])[1 + n % 5], (array[:users])[1 + n % 50], 'installed', 'Cutloom was installed', now() - n * interval '10 minutes'
from generate_series(1, 40000) n;

insert into rehearsals (id, suite_id, user_id, application, created_at, updated_at)
select gen_random_uuid(), (array[:suites])[1 + n % 5], (array[:users])[1 + n % 50], 'cutloom', now() - interval '3 hours', now()
from generate_series(1, 2000) n;

insert into presses (suite_id, rehearsal_id, payload, is_done, answer, created_at, updated_at)
select r.suite_id, r.id, '{}', true, '{}', now() - interval '3 hours', now() from rehearsals r, generate_series(1, 20) n;

insert into usage_sources (kit_id, name, created_at, updated_at) select k, 'year.csv', now(), now() from unnest(array[:kits]) k;

insert into usage_days (source_id, day, application, command, by_key, by_mouse)
select s.id, current_date - d, 'cutloom', 'command-' || c, 3, 1
from usage_sources s, generate_series(1, 50) d, generate_series(1, 20) c where s.name = 'year.csv';
