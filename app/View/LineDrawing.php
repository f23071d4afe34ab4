<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use Illuminate\Http\Response;

/** The drawings of Line, Gears and Hills as files. */
class LineDrawing
{
    public function __construct(private readonly JobSheet $sheet) {}

    /** @param  mixed  $with  the code of a second ring, for the gears */
    public function response(string $drawing, mixed $with, int $road): Response
    {
        $view = match ($drawing) {
            'line' => (new LinePage($this->sheet))->drawing(),
            'gears' => (new GearsPage($this->sheet, $with))->drawing(),
            default => (new HillsPage($this->sheet, $road))->road(),
        };
        abort_if($view === null, 404, 'There is nothing to draw yet.');

        return response()->view('job.line-svg', ['drawing' => $drawing, 'view' => $view], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"{$drawing}-{$this->sheet->job->number}.svg\"",
        ]);
    }
}
