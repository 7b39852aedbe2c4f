<?php

declare(strict_types=1);

namespace App\Http\Controllers\Projects;

use App\Actions\Parts\Attach;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\File;
use App\Models\Project;
use App\Models\Reference;
use App\Models\Task;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is said of a task or a project, and laid beside it. */
final class AttachmentController extends Controller
{
    /** What a file may be, by what is found in it, and how large, in kilobytes. */
    private const KINDS = 'mimes:pdf,png,jpg,jpeg,gif,webp,txt,md,csv,json,xml,ics,docx,xlsx,pptx,odt,ods,odp,zip,mp3,mp4,step,stp';

    private const LARGEST = 20_000;

    public function comment(Request $request, string $kind, Task|Project $work, Attach $attach): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:5000']]);
        $attach->comment($this->me(), $work, $request->string('words')->toString());

        return $this->changed();
    }

    public function helpers(Request $request, string $kind, Task|Project $work, Attach $attach): RedirectResponse
    {
        $request->validate(['people' => ['present', 'array', 'max:50'], 'people.*' => ['integer', 'distinct', 'exists:people,id']]);
        /** @var list<int> $there */
        $there = $work->helpings()->orderBy('id')->pluck('person_id')->all();
        $attach->helpers($this->me(), $work, Meanwhile::ticked($request, 'people', $there));

        return $this->changed();
    }

    public function addFile(Request $request, string $kind, Task|Project $work, Attach $attach): RedirectResponse
    {
        $request->validate(
            ['file' => ['bail', 'required', 'file', self::notEmpty(...), 'max:'.self::LARGEST, self::KINDS]],
            [
                'file.max' => 'A file can be 20 MB at most.',
                'file.mimes' => 'This kind of file is not accepted. Use a document, picture, spreadsheet, drawing or zip file.',
                'file.uploaded' => 'The upload was incomplete. A file can be 20 MB at most.',
            ],
        );
        $upload = $request->file('file');

        if ($upload instanceof UploadedFile) {
            $attach->file($this->me(), $work, $upload);
        }

        return $this->changed();
    }

    /** Always as something to save, never to be run in the page: whatever is in it. */
    public function file(File $file): StreamedResponse
    {
        if (! Storage::disk('local')->exists($file->path)) {
            throw new NotFoundHttpException();
        }

        return Storage::disk('local')->download($file->path, $file->name, [
            'Content-Type' => 'application/octet-stream',
            'X-Content-Type-Options' => 'nosniff',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'private, no-store',
        ]);
    }

    public function removeFile(File $file, Attach $attach): RedirectResponse
    {
        $attach->remove($this->me(), $file);

        return $this->changed();
    }

    public function addReference(Request $request, string $kind, Task|Project $work, Attach $attach): RedirectResponse
    {
        // "tides.example/april" is what people paste.
        $written = trim((string) $this->text($request, 'address'));
        $request->merge(['address' => preg_match('#^[\w-]+(?:\.[\w-]+)+(?:[/?:\#]|$)#u', $written) === 1 ? "https://$written" : $written]);
        $request->validate(
            ['title' => ['nullable', 'string', 'max:200'], 'address' => ['required', 'url:http,https', 'max:2000']],
            ['address.url' => 'Enter an address on the web, for example https://tides.example/april.'],
        );
        $address = $request->string('address')->toString();
        $attach->reference(
            $this->me(),
            $work,
            $this->text($request, 'title') ?? mb_substr((string) preg_replace('#^https?://#', '', $address), 0, 200),
            $address,
        );

        return $this->changed();
    }

    private static function notEmpty(string $field, mixed $file, Closure $fail): void
    {
        if ($file instanceof UploadedFile && $file->getSize() === 0) {
            $fail('This file is empty. Nothing was saved.');
        }
    }

    public function removeReference(Reference $reference, Attach $attach): RedirectResponse
    {
        $attach->remove($this->me(), $reference);

        return $this->changed();
    }
}
