<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Pictures\KeepPicture;
use App\Actions\Pictures\SayOfPicture;
use App\Actions\Pictures\TakePictureAway;
use App\Http\Requests\KeepPictureRequest;
use App\Http\Requests\SayOfPictureRequest;
use App\Models\Job;
use App\Models\Picture;
use App\View\Pictures\PicturePage;
use App\View\Pictures\PicturesPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Pictures of a job. */
class PictureController extends Controller
{
    public function index(Job $job): View
    {
        return view('job.pictures', ['page' => new PicturesPage($this->open($job))]);
    }

    public function show(Request $request, Job $job, Picture $picture): View
    {
        return view('job.picture', ['page' => new PicturePage($this->open($job), $picture, $request->query('beside'))]);
    }

    public function store(KeepPictureRequest $request, Job $job, KeepPicture $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->of(), $request->code(), $request->photograph(), $request->note(),
            $request->boolean('shows_person'));

        return redirect()->back()->with('arrived', 'The picture is kept.');
    }

    public function say(SayOfPictureRequest $request, Job $job, Picture $picture, SayOfPicture $say): RedirectResponse
    {
        $say($job, $this->user(), $picture, $request->note(), $request->boolean('shows_person'), $request->boolean('on_sheet'),
            $request->seen());

        return redirect()->route('job.picture', [$job, $picture]);
    }

    public function away(Job $job, Picture $picture, TakePictureAway $away): RedirectResponse
    {
        $away($job, $this->user(), $picture);

        return redirect()->route('job.pictures', $job);
    }

    /** Seen by its own workshop alone. */
    public function file(Job $job, Picture $picture, string $size): StreamedResponse
    {
        $this->authorize('view', $job);
        $path = $picture->path(isSmall: $size === 'small');

        return Storage::exists($path) ? Storage::response($path, null, ['Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=3600']) : abort(404);
    }
}
