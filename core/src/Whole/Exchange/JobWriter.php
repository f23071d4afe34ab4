<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Donor\Bike\TwinPlateMeasures;
use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Whole\Job\Job;
use NeatSpindle\Core\Whole\Job\Kit;

/** Writes a job as the plain data of its document; read again, it gives the same job. */
final class JobWriter
{
    /**
     * @param  array<array-key, mixed>  $catalogue as its document has it: a catalogue may hold more than a job's sums use
     * @return array<string, mixed>
     */
    public static function toArray(Job $job, array $catalogue): array
    {
        return self::written([
            'format' => JobReader::FORMAT,
            'version' => Cursor::VERSION,
            'catalogue' => $catalogue,
            'bike' => self::bike($job->bike),
            'kit' => self::kit($job->kit),
            'climb' => $job->hill === null ? null : [
                'grade_percent' => $job->hill->gradePercent, 'mass_kg' => $job->hill->load->mass, 'rider_w' => $job->hill->load->riderW,
                'rider_torque_nm' => $job->hill->load->riderTorque, 'crr' => $job->hill->load->rolling, 'cda_m2' => $job->hill->load->dragArea,
            ],
            'reaction' => $job->torquing === null ? null : self::written([
                'nut_torque_nm' => $job->torquing->nutTorque, 'thread_state' => $job->torquing->threadState->value,
                'shell_face' => $job->torquing->face->value, 'shell_outer_mm' => $job->torquing->size->outer,
                'shell_inner_mm' => $job->torquing->size->inner, 'rest_radius_mm' => $job->torquing->restRadius,
                'gap' => $job->torquing->gap === null ? null : [
                    'block_mm' => self::measurement($job->torquing->gap->block), 'soft_mm' => self::measurement($job->torquing->gap->soft),
                ],
            ]),
            'turns' => array_map(self::turn(...), $job->turns),
            'routing' => $job->routing === null ? null : self::routing($job->routing),
            'tools' => $job->nutSocket === null ? null : ['nut_socket' => ['bore_mm' => $job->nutSocket->bore, 'depth_mm' => $job->nutSocket->depth]],
            'battery' => $job->pack === null ? null : [
                'base_mm' => $job->pack->triangle->base, 'front_side_mm' => $job->pack->triangle->front, 'rear_side_mm' => $job->pack->triangle->rear,
                'length_mm' => $job->pack->pack->length, 'height_mm' => $job->pack->pack->height, 'gap_mm' => $job->pack->pack->gap,
            ],
        ]);
    }

    /** @return array<string, mixed> */
    public static function bike(Bike $bike): array
    {
        return self::written([
            'kind' => $bike->kind->value,
            'frame_material' => $bike->material->value,
            'min_clearance_mm' => $bike->minClearance,
            'shell' => self::shell($bike->shell),
            'chainstay' => $bike->chainstay->isNone ? ['none' => true] : ['profile' => array_map(
                fn (ProfilePoint $point) => ['radius_mm' => $point->radius, 'outboard_mm' => self::measurement($point->outboard)],
                $bike->chainstay->profile,
            )],
            'rear' => self::rear($bike->rear),
            'wheel_circumference_mm' => $bike->wheelCircumference,
            'twin_plate_measures' => $bike->twinPlate === null ? null : self::twinPlate($bike->twinPlate),
        ]);
    }

    /** @return array<string, mixed> */
    public static function shell(Shell $shell): array
    {
        return self::written([
            'width_mm' => self::measurement($shell->width),
            'bore_mm' => self::measurement($shell->bore),
            'threaded' => $shell->threaded,
            'thread_pitch_mm' => self::measurement($shell->threadPitch),
            'drive_cup_loosens' => $shell->driveCupLoosens?->value,
            'offset_mm' => $shell->offset,
            'guide_depth_mm' => self::measurement($shell->guideDepth),
        ]);
    }

    /** @return array<string, mixed> */
    private static function rear(RearEnd $rear): array
    {
        return self::written([
            'chainstay_length_mm' => self::measurement($rear->chainstayLength),
            'old_mm' => self::measurement($rear->overLocknuts),
            'smallest_cog_inset_mm' => self::measurement($rear->smallestCogInset),
            'cogs' => $rear->cogs,
            'cog_pitch_mm' => $rear->cogPitch,
            'use' => $rear->use,
            'hub_ratios' => $rear->hubRatios,
            'chain_width_mm' => $rear->measuredChainWidth,
            'chain_path_mm' => self::measurement($rear->chainPath),
            'old_chain_links' => $rear->oldChainLinks,
            'chain_12_links_mm' => self::measurement($rear->twelveLinks),
        ]);
    }

    /** @return array<string, mixed> */
    private static function twinPlate(TwinPlateMeasures $measures): array
    {
        return [
            'ring_to_plate_mm' => self::measurement($measures->ringToPlate),
            'pinion_to_face_mm' => self::measurement($measures->pinionToFace),
            'crank_gap_mm' => self::measurement($measures->crankGap),
        ];
    }

    /** @return array<string, mixed> */
    private static function kit(Kit $kit): array
    {
        return self::written([
            'motor' => $kit->motor->code,
            'ring' => $kit->ring->code,
            'insert' => $kit->insert?->code,
            'spacers' => $kit->byHand === [] ? null : (object) $kit->byHand,
        ]);
    }

    /** @return array<string, string> */
    private static function turn(Turn $turn): array
    {
        return [
            'part' => $turn->part, 'hand' => $turn->hand->value, 'action' => $turn->action->value,
            'side' => $turn->side->value, 'posture' => $turn->posture->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function routing(Routing $routing): array
    {
        return [
            'rest' => $routing->rest->value,
            'allowances' => [
                'steering_mm' => $routing->allowances->steering, 'pivot_mm' => $routing->allowances->pivot,
                'dressing_percent' => $routing->allowances->dressingPercent,
            ],
            'edges' => array_map(fn (Edge $edge) => [
                'from' => $edge->from, 'to' => $edge->to, 'length_mm' => $edge->length, 'tags' => $edge->tags,
            ], $routing->edges),
            'runs' => array_map(fn (Run $run) => self::written([
                'run' => $run->name, 'kind' => $run->kind->value, 'from' => $run->from, 'to' => $run->to, 'supply_mm' => $run->supply,
                'connector' => $run->connector, 'avoid' => $run->avoid, 'current_a' => $run->currentA, 'area_mm2' => $run->areaMm2, 'via' => $run->via,
                'off' => $run->off === [] ? null : $run->off,
            ]), $routing->runs),
            'extensions' => array_map(fn (Lead $lead) => [
                'connector' => $lead->connector, 'length_mm' => $lead->length, 'quantity' => $lead->quantity,
            ], $routing->leads),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function measurement(?Measurement $measurement): ?array
    {
        return match (true) {
            $measurement === null => null,
            $measurement->readings === [] => ['value' => $measurement->value, 'plus_minus' => $measurement->plusMinus],
            default => ['readings' => $measurement->readings, 'instrument' => $measurement->instrument],
        };
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> those that are there
     */
    private static function written(array $fields): array
    {
        return array_filter($fields, fn (mixed $value) => $value !== null);
    }
}
