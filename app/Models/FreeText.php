<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Every column of text there is, by whether a person writes in it freely. A test reads the schema and fails when one is
 * not registered: where somebody writes, a name may stand that has to be forgotten some day.
 */
final class FreeText
{
    /** Of a job or its bike: what each column is called where a person is told that a name stands there, by table. */
    public const OF_A_JOB = [
        'arrivals' => ['what' => 'What is here'],
        'bikes' => ['label' => 'What the bike is called'],
        'box_records' => ['note' => 'A note to the box', 'what' => 'A piece of the box'],
        'conditions' => ['note' => 'A note to the condition', 'lifted_because' => 'Why a stop was lifted', 'declined_by' => 'Who declined'],
        'decisions' => ['reason' => 'A reason', 'allowed_because' => 'Why it was allowed'],
        'fastener_bands' => ['paper' => 'The paper of a band'],
        'hand_overs' => [
            'note' => 'A note to the hand-over', 'taken_back_because' => 'Why it was taken back', 'sheet' => 'The sheet that left',
        ],
        'jobs' => [
            'elsewhere' => 'Something in other hands', 'next_step' => 'What is next', 'rest' => 'What is left to do',
            'stopped_for' => 'A stop', 'ended_because' => 'Why it ended',
        ],
        'kit_changes' => ['what' => 'A change of the kit', 'before' => 'A kit as it was', 'after' => 'A kit as it was'],
        'kits' => ['bracing' => 'What the frame’s maker allows'],
        'logbook_entries' => ['left_over' => 'Left over, in the logbook', 'found' => 'Found, in the logbook'],
        'own_stretches' => ['from_place' => 'A place of the frame', 'to_place' => 'A place of the frame'],
        'recheck_items' => ['note' => 'A note when it came back', 'title' => 'Something looked at when it came back'],
        'pictures' => ['note' => 'A note to a picture'],
        'rechecks' => ['note' => 'What the rider said'],
        'runs' => [
            'name' => 'The name of a run', 'from_place' => 'Where a run begins', 'to_place' => 'Where a run ends',
            'via' => 'A place a run passes',
            'off' => 'A place a run is off', 'connector' => 'A plug', 'threaded_with' => 'What a run is threaded with',
        ],
        'settings' => ['reason' => 'Why it was set', 'law' => 'A sentence of the law'],
        'step_records' => ['note' => 'A note at a step', 'lies_in' => 'Where a part lies', 'asked' => 'What a step asked for'],
        'tracks' => ['name' => 'The name of a road', 'remarks' => 'What is odd about a road'],
    ];

    /** Of the whole workshop. */
    public const OF_THE_WORKSHOP = [
        'feeds' => ['told' => 'What a calendar was told'],
        'house_rules' => ['why' => 'Why the house does it so'],
        'leads' => ['connector' => 'A plug in the drawer', 'lies_in' => 'Where leads lie'],
        'movements' => ['note' => 'A note in the book of stock'],
        'order_lines' => ['what' => 'Something ordered'],
        'orders' => ['note' => 'A note to an order'],
        'suppliers' => ['name' => 'Who is ordered from'],
        'stock_items' => ['name' => 'Something in the book of stock', 'lies_in' => 'Where something lies'],
        'spacers' => ['lies_in' => 'Where spacers lie'],
    ];

    /** Columns that are JSON, with the keys under which somebody has written; a star where all of it is words. */
    public const IN_JSON = [
        'feeds.told' => ['title'],
        'hand_overs.sheet' => ['*'],
        'kit_changes.after' => ['maker_allows'],
        'kit_changes.before' => ['maker_allows'],
        'jobs.elsewhere' => ['what'],
        'jobs.rest' => ['endless'],
        'kits.bracing' => ['maker_allows'],
        'logbook_entries.found' => ['*'],
        'logbook_entries.left_over' => ['*'],
        'runs.off' => ['*'],
        'step_records.asked' => ['title', 'source', 'part', 'things', 'line'],
        'tracks.remarks' => ['*'],
    ];

    /** Where a place may stand that every frame has; what those are called is nobody's name. */
    public const PLACES = [
        'own_stretches.from_place', 'own_stretches.to_place', 'runs.from_place', 'runs.to_place', 'runs.via', 'runs.off',
    ];

    /** Who works here and what the house is called: theirs, and no customer's. */
    public const OF_THE_PEOPLE = [
        'personal_access_tokens' => ['name'],
        'password_reset_tokens' => ['email'], 'users' => ['name', 'email'], 'workshops' => ['name', 'place', 'skills'],
    ];

    /** What parts are called by those who make them. */
    public const OF_THE_CATALOGUE = [
        'inserts' => ['code', 'motors', 'shells', 'details'], 'measured_parts' => ['code', 'figures'],
        'logbook_entries' => ['motor', 'motor_name', 'ring'], 'motors' => ['code', 'name', 'figures'],
        'packs' => ['code', 'figures'], 'rings' => ['code', 'details'], 'spiders' => ['code', 'motors', 'name'],
        'kits' => ['ring_mounting', 'battery'],
    ];

    /** Codes, figures and what the program writes for itself: nothing else is let in. */
    public const CODED = [
        'answers' => ['question', 'value'],
        'arrivals' => ['mark'],
        'movements' => ['how'],
        'order_lines' => ['mark'],
        'personal_access_tokens' => ['abilities', 'token', 'tokenable_type'],
        'pictures' => ['of', 'code', 'file', 'title'],
        'stock_items' => ['kind'],
        'bikes' => ['frame_material', 'kind'],
        'box_records' => ['state'],
        'conditions' => ['remedy', 'severity', 'subject'],
        'decisions' => ['about', 'choice'],
        'fastener_bands' => ['fastener'],
        'hand_doubts' => ['instrument'],
        'house_rules' => ['question', 'school'],
        'feeds' => ['secret_hash'],
        'jobs' => ['ended_as', 'hands', 'house', 'next_at', 'stage', 'waits_for'],
        'kit_changes' => ['touched'],
        'kits' => ['by_hand', 'cockpit', 'riding'],
        'letters' => ['queue', 'payload'],
        'logbook_entries' => ['kind', 'measures', 'mount', 'pieces'],
        'measured_parts' => ['kind'],
        'migrations' => ['migration'],
        'motors' => ['mount'],
        'obstacles' => ['cure', 'kind'],
        'own_stretches' => ['tags', 'towards'],
        'password_reset_tokens' => ['token'],
        'readings' => ['instrument', 'spot', 'typed'],
        'recheck_items' => ['code', 'found'],
        'reservations' => ['state'],
        'runs' => ['kind', 'plug', 'role', 'surplus_at'],
        'settings' => ['name', 'value'],
        'spacers' => ['uses', 'uses_key'],
        'step_records' => ['compound', 'sheet', 'state', 'step'],
        'submissions' => ['form_key'],
        'tracks' => ['heights'],
        'users' => ['length_unit', 'light', 'password', 'remember_token', 'role', 'torque_unit'],
        'workshops' => ['catalogue_version', 'hours', 'time_zone'],
    ];

    /** The customer's own row, which is emptied. */
    public const OF_THE_CUSTOMER = ['customers' => ['name', 'phone', 'email']];

    /**
     * Rows of a table in which somebody has written.
     *
     * @param  list<int>  $jobs  whose rows, where they are a job's
     */
    public static function rows(string $table, int $workshop, array $jobs): Builder
    {
        $rows = DB::table($table)->orderBy("{$table}.id")->select("{$table}.*");
        $numbered = fn (Builder $rows, string $job): Builder => $rows->join('jobs as of', 'of.id', '=', $job)
            ->addSelect('of.number as job_number')->whereIn('of.id', $jobs);

        return match (true) {
            isset(self::OF_THE_WORKSHOP[$table]) => $rows->where("{$table}.workshop_id", $workshop),
            $table === 'jobs' => $numbered($rows, 'jobs.id'),
            $table === 'bikes' => $rows->whereIn('bikes.id', DB::table('jobs')->whereIn('id', $jobs)->select('bike_id')),
            $table === 'recheck_items' => $numbered($rows->join('rechecks', 'rechecks.id', '=', 'recheck_id'), 'rechecks.job_id'),
            default => $numbered($rows, "{$table}.job_id"),
        };
    }

    /** @return array<string, int> how much each column of text holds, in characters, by `table.column` */
    public static function lengths(): array
    {
        $columns = DB::table('information_schema.columns')->whereRaw('table_schema = database()')->whereNotNull('character_maximum_length')
            ->selectRaw('concat(table_name, ".", column_name) as at, character_maximum_length as most')->pluck('most', 'at');

        return $columns->map(fn (mixed $most): int => is_numeric($most) ? (int) $most : 0)->all();
    }
}
