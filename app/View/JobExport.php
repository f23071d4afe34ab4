<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use NeatSpindle\Core\Worksheet\WorksheetPrinter;

/** A job taken out in open formats. */
class JobExport
{
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    public function __construct(private readonly JobSheet $sheet) {}

    public function document(): JsonResponse
    {
        return $this->json('job', $this->sheet->written);
    }

    public function worksheet(): JsonResponse
    {
        abort_if($this->sheet->worksheet === null, 404, 'Nothing can be computed yet: readings are missing.');

        return $this->json('worksheet', WorksheetPrinter::toArray($this->sheet->worksheet));
    }

    /** @param  mixed  $detail  which part of it, from the address */
    public function section(mixed $detail): Response
    {
        $worksheet = $this->sheet->chosenWorksheet();
        $section = $worksheet === null ? null : $worksheet->section();
        abort_if($section === null, 404, 'There is no stack to draw yet.');

        return response()->view('job.section-svg', ['page' => new StackPage($this->sheet, $detail)], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"section-{$this->sheet->job->number}.svg\"",
        ]);
    }

    /** @param  array<string, mixed>  $data */
    private function json(string $what, array $data): JsonResponse
    {
        return response()->json($data, 200, [
            'Content-Disposition' => "attachment; filename=\"{$what}-{$this->sheet->job->number}.json\"",
        ], self::FLAGS);
    }
}
