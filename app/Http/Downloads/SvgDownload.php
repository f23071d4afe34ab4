<?php

declare(strict_types=1);

namespace App\Http\Downloads;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use NeatSpindle\Core\Ground\Measure\LengthUnit;

/** One of our drawings as a file of its own. */
class SvgDownload
{
    /** @param  string  $drawing  the component that draws it */
    public static function of(string $drawing, ?object $view, string $name): Response
    {
        abort_if($view === null, 404, 'There is nothing to draw yet.');

        return response()->view("components.drawing.{$drawing}", ['view' => $view, 'unit' => Auth::user()->length_unit ?? LengthUnit::Millimetre], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"{$name}.svg\"",
        ]);
    }
}
