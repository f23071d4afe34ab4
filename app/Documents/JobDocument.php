<?php

declare(strict_types=1);

namespace App\Documents;

use App\Bench\OpenJob;
use App\Models\Workshop;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Exchange\JobWriter;

/** A job as an open document. */
class JobDocument
{
    /**
     * While motor and ring are not chosen, or something is not measured, as far as it is known.
     *
     * @return array<string, mixed>
     */
    public static function of(OpenJob $open): array
    {
        $job = $open->toCompute(withRouting: true);
        $catalogue = CatalogueDocument::writeForJob($open->job->workshop()->with(Workshop::CATALOGUE)->sole(), $open->catalogue);

        return $job === null ? self::unfinished($open, $catalogue) : JobWriter::toArray($job, $catalogue);
    }

    /**
     * @param  array<string, mixed>  $catalogue
     * @return array<string, mixed>
     */
    private static function unfinished(OpenJob $open, array $catalogue): array
    {
        $bike = $open->bike();
        $shell = $open->identification()?->shell;

        return [
            'format' => JobReader::FORMAT,
            'version' => Cursor::VERSION,
            'catalogue' => $catalogue,
            'bike' => $bike !== null ? JobWriter::bike($bike) : [
                'kind' => $open->job->bike->kind->value,
                'frame_material' => $open->job->bike->frame_material->value,
                'shell' => (object) ($shell === null ? [] : JobWriter::shell($shell)),
            ],
            'kit' => (object) array_filter(['motor' => $open->motor()?->code, 'ring' => $open->job->kit?->ring_id === null ? null : $open->ring()?->code]),
        ];
    }
}
