#include "schema_steps.h"

namespace upbeat {

namespace {

// Append only: a migration that has been released is never changed. docs/formats/logbook.md describes the result.

const SchemaStep kFirst{
    R"(CREATE TABLE exercise_version (
         id INTEGER PRIMARY KEY,
         exercise_id TEXT NOT NULL,
         version INTEGER NOT NULL,
         json TEXT NOT NULL,
         UNIQUE (exercise_id, version)))",
    R"(CREATE TABLE ladder (
         exercise_id TEXT PRIMARY KEY,
         start_bpm REAL NOT NULL,
         goal_bpm REAL NOT NULL,
         step_bpm REAL NOT NULL,
         clean_needed INTEGER NOT NULL,
         tempo_bpm REAL NOT NULL))",
    R"(CREATE TABLE session (
         id INTEGER PRIMARY KEY,
         started_at TEXT NOT NULL,
         ended_at TEXT NOT NULL))",
    R"(CREATE TABLE take (
         id INTEGER PRIMARY KEY,
         session_id INTEGER NOT NULL REFERENCES session(id),
         exercise_id TEXT NOT NULL,
         exercise_version_id INTEGER NOT NULL REFERENCES exercise_version(id),
         started_at TEXT NOT NULL,
         tempo_bpm REAL NOT NULL,
         bars INTEGER NOT NULL,
         first_beat_s REAL NOT NULL,
         latency_s REAL NOT NULL,
         duration_s REAL NOT NULL,
         sample_rate INTEGER NOT NULL,
         device TEXT NOT NULL,
         profile TEXT NOT NULL,
         file TEXT NOT NULL,
         recovered INTEGER NOT NULL DEFAULT 0,
         clean INTEGER NOT NULL,
         missed_gate TEXT,
         note TEXT NOT NULL DEFAULT ''))",
    "CREATE INDEX take_by_exercise ON take (exercise_id, started_at)",
    "CREATE INDEX take_by_day ON take (started_at)",
    R"(CREATE TABLE hit (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         number INTEGER NOT NULL,
         time_s REAL NOT NULL,
         level_db REAL NOT NULL,
         strength REAL NOT NULL,
         contrast_db REAL NOT NULL,
         clipped INTEGER NOT NULL,
         PRIMARY KEY (take_id, number)) WITHOUT ROWID)",
    R"(CREATE TABLE damaged_span (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         from_s REAL NOT NULL,
         to_s REAL NOT NULL))",
    R"(CREATE TABLE verdict (
         take_id INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE,
         action TEXT NOT NULL,
         next_bpm REAL NOT NULL,
         headline TEXT NOT NULL,
         reason TEXT NOT NULL))",
};

// Told apart by voice, and what stroke quality and closed rolls are measured from.
const SchemaStep kVoices{
    "ALTER TABLE hit ADD COLUMN voice TEXT",
    "ALTER TABLE hit ADD COLUMN exact INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE hit ADD COLUMN doubtful INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE hit ADD COLUMN hides INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE hit ADD COLUMN peak_s REAL NOT NULL DEFAULT 0",
    "ALTER TABLE hit ADD COLUMN colour BLOB",
    "ALTER TABLE take ADD COLUMN trace BLOB",
    "ALTER TABLE take ADD COLUMN trace_column_s REAL NOT NULL DEFAULT 0.004",
};

// Faint hits are weighed by more than the rise of the bands since then: what was heard before keeps about the
// say it had.
const SchemaStep kFaintHits{
    "UPDATE hit SET strength = strength * strength * strength / 225 WHERE strength < 15",
};

// What a take was judged by, so that its verdict stays the one of its day, and how its click went. Lists, days
// and histories are looked up by time.
const SchemaStep kDayOfTheTake{
    "ALTER TABLE take ADD COLUMN click TEXT NOT NULL DEFAULT ''",
    "ALTER TABLE take ADD COLUMN click_heard INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE take ADD COLUMN counts INTEGER NOT NULL DEFAULT 1",
    "ALTER TABLE take ADD COLUMN ladder_start REAL",
    "ALTER TABLE take ADD COLUMN ladder_goal REAL",
    "ALTER TABLE take ADD COLUMN ladder_step REAL",
    "ALTER TABLE take ADD COLUMN ladder_clean_needed INTEGER",
    "ALTER TABLE take ADD COLUMN ladder_stage INTEGER",
    "CREATE INDEX take_by_file ON take (file)",
};

// What was said of a take on its day, as values: gates, main figures, verdict. Its English sentences go; what can be
// known from them is kept.
const SchemaStep kVerdictOfTheDay{
    R"(CREATE TABLE gate (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         name TEXT NOT NULL,
         measured REAL NOT NULL,
         low REAL NOT NULL,
         high REAL NOT NULL,
         n INTEGER NOT NULL,
         asked REAL NOT NULL,
         at_least INTEGER NOT NULL,
         state TEXT NOT NULL,
         stroke INTEGER,
         who TEXT,
         PRIMARY KEY (take_id, name)) WITHOUT ROWID)",
    R"(CREATE TABLE figure (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         name TEXT NOT NULL,
         value REAL NOT NULL,
         low REAL NOT NULL,
         high REAL NOT NULL,
         n INTEGER NOT NULL,
         PRIMARY KEY (take_id, name)) WITHOUT ROWID)",
    "ALTER TABLE verdict ADD COLUMN why TEXT NOT NULL DEFAULT ''",
    "ALTER TABLE verdict ADD COLUMN why_gate TEXT",
    "ALTER TABLE verdict ADD COLUMN why_missed INTEGER",
    "ALTER TABLE verdict ADD COLUMN why_extra INTEGER",
    "ALTER TABLE verdict ADD COLUMN why_lost_s REAL",
    "ALTER TABLE verdict ADD COLUMN page_bars INTEGER NOT NULL DEFAULT 1",
    "ALTER TABLE verdict ADD COLUMN stage INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE verdict ADD COLUMN clean_in_a_row INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE verdict ADD COLUMN clean_needed INTEGER NOT NULL DEFAULT 3",
    "ALTER TABLE verdict ADD COLUMN goal_reached INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE verdict ADD COLUMN span_bar INTEGER",
    "ALTER TABLE verdict ADD COLUMN span_from TEXT",
    "ALTER TABLE verdict ADD COLUMN span_to TEXT",
    "UPDATE verdict SET goal_reached = 1 WHERE headline LIKE 'Full speed%'",
    "UPDATE verdict SET stage = 1 WHERE headline IN ('On to the next part.', 'One part back.')",
    R"(UPDATE verdict SET page_bars = COALESCE((SELECT json_extract(json, '$.bars') FROM take JOIN exercise_version
         ON exercise_version.id = exercise_version_id WHERE take.id = take_id), 1))",
    R"(UPDATE verdict SET span_from = CAST(substr(headline, 14) AS INTEGER),
         span_to = CAST(substr(headline, 14) AS INTEGER) + 1,
         span_bar = CASE WHEN instr(headline, 'bar ') > 0
                    THEN CAST(substr(headline, instr(headline, 'bar ') + 4) AS INTEGER) ELSE 1 END
         WHERE action = 'isolate' AND headline LIKE 'Isolate beat %')",
    "ALTER TABLE verdict DROP COLUMN headline",
    "ALTER TABLE verdict DROP COLUMN reason",
    // Totals, days and the fastest clean takes are read from these alone, whatever else a take holds.
    "CREATE INDEX take_played ON take (started_at, duration_s)",
    "CREATE INDEX take_clean ON take (exercise_id, tempo_bpm) WHERE clean = 1",
    "DROP INDEX take_by_day",
};

// How it is known where a take stands against the click, whether a person played it, and what was left out of it.
const SchemaStep kAnchor{
    "ALTER TABLE take ADD COLUMN anchor TEXT NOT NULL DEFAULT 'given'",
    "ALTER TABLE take ADD COLUMN anchor_uncertain_ms REAL NOT NULL DEFAULT 0",
    "ALTER TABLE take ADD COLUMN simulated INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE take ADD COLUMN pad_doubles INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE take ADD COLUMN pad_crosstalk INTEGER NOT NULL DEFAULT 0",
};

// What sounded and was no stroke.
const SchemaStep kForeignSounds{"ALTER TABLE hit ADD COLUMN foreign_sound INTEGER NOT NULL DEFAULT 0"};

// The figure that a verdict speaks of is that of all takes on the rung, and it says how many more it may take.
const SchemaStep kPooledVerdict{
    "ALTER TABLE verdict ADD COLUMN why_measured REAL",
    "ALTER TABLE verdict ADD COLUMN why_low REAL",
    "ALTER TABLE verdict ADD COLUMN why_high REAL",
    "ALTER TABLE verdict ADD COLUMN takes_to_go INTEGER",
};

// Limits that somebody has set instead of those of the profile.
const SchemaStep kOwnLimits{
    "ALTER TABLE take ADD COLUMN limits TEXT NOT NULL DEFAULT ''",
    "ALTER TABLE gate ADD COLUMN own_limit INTEGER NOT NULL DEFAULT 0",
};

// How a ladder leads on, and what somebody wants to have by a day.
const SchemaStep kRulesAndSets{
    "ALTER TABLE ladder ADD COLUMN rule TEXT NOT NULL DEFAULT 'step'",
    "ALTER TABLE ladder ADD COLUMN step_percent REAL NOT NULL DEFAULT 5",
    "ALTER TABLE ladder ADD COLUMN by_minutes INTEGER NOT NULL DEFAULT 0",
    "ALTER TABLE take ADD COLUMN ladder_rule TEXT NOT NULL DEFAULT 'step'",
    "ALTER TABLE take ADD COLUMN ladder_percent REAL NOT NULL DEFAULT 5",
    "ALTER TABLE take ADD COLUMN ladder_by_minutes INTEGER NOT NULL DEFAULT 0",
    "CREATE TABLE exercise_set (id INTEGER PRIMARY KEY, name TEXT NOT NULL, wanted_on TEXT NOT NULL)",
    R"(CREATE TABLE exercise_in_set (set_id INTEGER NOT NULL REFERENCES exercise_set(id) ON DELETE CASCADE,
         exercise_id TEXT NOT NULL, PRIMARY KEY (set_id, exercise_id)) WITHOUT ROWID)",
};

// What others wrote about a take.
const SchemaStep kRemarks{
    R"(CREATE TABLE remark (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         number INTEGER NOT NULL,
         pass INTEGER NOT NULL,
         stroke INTEGER NOT NULL,
         time_s REAL NOT NULL,
         text TEXT NOT NULL,
         from_name TEXT NOT NULL DEFAULT '',
         PRIMARY KEY (take_id, number)) WITHOUT ROWID)",
};

// Takes are found again, and removed without being lost. What is said of a take stands in tables of its own: a column
// behind the trace is slow to read.
const SchemaStep kFoundAgain{
    R"(CREATE TABLE removed (
         take_id INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE,
         at TEXT NOT NULL))",
    R"(CREATE TABLE tag (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         name TEXT NOT NULL,
         PRIMARY KEY (take_id, name)) WITHOUT ROWID)",
    "CREATE INDEX tag_by_name ON tag (name)",
    R"(CREATE TABLE finding (
         take_id INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
         number INTEGER NOT NULL,
         terms TEXT NOT NULL,
         PRIMARY KEY (take_id, number)) WITHOUT ROWID)",
    R"(CREATE TABLE sound_let_go (
         take_id INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE,
         at TEXT NOT NULL))",
    "CREATE VIEW kept_take AS SELECT * FROM take WHERE id NOT IN (SELECT take_id FROM removed)",
};

// Whether the figures of a take are still those that were measured (seals.h).
const SchemaStep kSeals{
    R"(CREATE TABLE seal (
         take_id INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE,
         sum TEXT NOT NULL))",
};

}  // namespace

const std::vector<const SchemaStep*>& schemaSteps() {
    static const std::vector<const SchemaStep*> all{
        &kFirst,         &kVoices,    &kFaintHits,    &kDayOfTheTake, &kVerdictOfTheDay, &kAnchor, &kForeignSounds,
        &kPooledVerdict, &kOwnLimits, &kRulesAndSets, &kRemarks,      &kFoundAgain,      &kSeals};
    return all;
}

}  // namespace upbeat
