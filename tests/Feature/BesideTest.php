<?php

declare(strict_types=1);

use App\Models\File;
use App\Models\Reference;
use App\Models\Visibility;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\Made;

/** A file as a browser sends it: its type is read from its content. */
function upload(string $name, string $content): UploadedFile
{
    $path = (string) tempnam(sys_get_temp_dir(), 'upload');
    file_put_contents($path, $content);

    return new UploadedFile($path, $name, null, null, true);
}

beforeEach(function (): void {
    Made::workspace();
    Storage::fake('local');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->ana = Made::person(name: 'Ana Ruiz');
    $this->actingAs($this->mei);
    $this->project = Made::project($this->mei);
    $this->task = Made::task($this->mei, ['visibility' => Visibility::OnlyMe]);
});

it('keeps files of a project for everyone and of a private task for its owner', function (): void {
    $this->post("/projects/{$this->project->id}/files", ['file' => upload('plan.csv', "a;b\n1;2\n")])->assertSessionHasNoErrors();
    $this->post("/tasks/{$this->task->id}/files", [
        'file' => upload(
            'quay.png',
            (string) base64_decode(
                'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
                true,
            ),
        ),
    ])->assertSessionHasNoErrors();
    [$open, $own] = File::query()->orderBy('id')->get()->all();

    expect(
        $this->get("/files/$open->id")
            ->assertOk()
            ->streamedContent(),
    )->toBe("a;b\n1;2\n");
    $this->get("/files/$own->id")->assertOk();
    $this->actingAs($this->elif)
        ->get("/files/$open->id")
        ->assertOk();
    $this->get("/files/$own->id")->assertNotFound();
    $this->delete("/files/$own->id")->assertNotFound();
    $this->post("/tasks/{$this->task->id}/files", ['file' => upload('x.txt', 'words')])->assertNotFound();
    auth()->forgetGuards();
    $this->get("/files/$open->id")->assertRedirect('/sign-in');
});

it('never lets a name or content do harm', function (string $name, string $content, string $shown): void {
    $this->post("/projects/{$this->project->id}/files", ['file' => upload($name, $content)])->assertSessionHasNoErrors();
    $file = File::query()->firstOrFail();
    $answer = $this->get("/files/$file->id")->assertOk();

    expect($file->name)
        ->toBe($shown)
        ->and($file->path)
        ->toMatch('#^files/[A-Za-z0-9]{40}(\.[a-z0-9]+)?$#')
        ->and($answer->headers->get('Content-Disposition'))
        ->toStartWith('attachment')
        ->and($answer->headers->get('Content-Type'))
        ->toStartWith('application/octet-stream')
        ->and($answer->headers->get('X-Content-Type-Options'))
        ->toBe('nosniff');
})->with([
    'a path' => ['../../etc/passwd.txt', 'text', 'passwd.txt'],
    'a path of another kind' => ['..\\..\\boot.txt', 'text', 'boot.txt'],
    'a break of line' => ["a\r\nSet-Cookie: x.txt", 'text', 'aSet-Cookie x.txt'],
    'quotes' => ['a".txt', 'text', 'a.txt'],
    'writing turned round' => ["plan\u{202E}fdp.txt", 'text', 'planfdp.txt'],
    'nothing but dots' => ['....', 'text', 'file'],
    'a script in a text' => ['note.txt', 'see <b>here</b>', 'note.txt'],
]);

it('keeps files where only the application reads them', function (): void {
    $root = sys_get_temp_dir().'/loftrin-files-'.bin2hex(random_bytes(6));
    Storage::build([...config('filesystems.disks.local'), 'root' => $root])->putFileAs('files', upload('a.txt', 'x'), 'a');
    clearstatcache();

    expect(fileperms("$root/files/a") & 0o777)
        ->toBe(0o600)
        ->and(fileperms("$root/files") & 0o777)
        ->toBe(0o700);
    (new Filesystem())->deleteDirectory($root);
});

it('refuses what is no document, is too large or is not there', function (UploadedFile $file): void {
    $this->post("/projects/{$this->project->id}/files", ['file' => $file])->assertSessionHasErrors('file');
    expect(File::query()->count())
        ->toBe(0)
        ->and(Storage::disk('local')->allFiles())
        ->toBe([]);
})->with([
    'a program named as a picture' => fn() => upload('quay.png', "\x7fELF\x02\x01\x01".str_repeat("\0", 60)),
    'a page with a script' => fn() => upload('page.html', '<!doctype html><html><script>alert(1)</script></html>'),
    'a page named as a text' => fn() => upload('page.txt', '<!doctype html><html><script>alert(1)</script></html>'),
    'a drawing with a script' => fn() => upload('plan.svg', '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>'),
    'a program of the server' => fn() => upload('a.php', '<?php echo 1;'),
    'too large' => fn() => UploadedFile::fake()->create('film.mp4', 21_000, 'video/mp4'),
]);

it('takes a file away and brings it back by undo', function (): void {
    $this->post("/projects/{$this->project->id}/files", ['file' => upload('a.txt', 'words')]);
    $file = File::query()->firstOrFail();
    $this->delete("/files/$file->id")->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $this->get("/files/$file->id")->assertNotFound();
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(
        $this->get("/files/$file->id")
            ->assertOk()
            ->streamedContent(),
    )->toBe('words');
});

it('keeps references that lead somewhere, never a script', function (): void {
    $this->post("/projects/{$this->project->id}/references", ['address' => 'https://harbour.example/tides'])->assertSessionHasNoErrors();
    $this->post("/projects/{$this->project->id}/references", ['address' => 'javascript:alert(1)'])->assertSessionHasErrors('address');
    $this->post("/projects/{$this->project->id}/references", ['address' => 'data:text/html,x'])->assertSessionHasErrors('address');

    expect($this->props("/projects/{$this->project->id}")['page']['beside']['references'])
        ->toHaveCount(1)
        ->and($this->props("/projects/{$this->project->id}")['page']['beside']['references'][0])
        ->toMatchArray(['title' => 'harbour.example/tides', 'address' => 'https://harbour.example/tides']);
});

it('tells those who are mentioned and those who help, if they may see it', function (): void {
    $this->put("/projects/{$this->project->id}/helpers", ['people' => [$this->ana->id]])->assertSessionHasNoErrors();
    $this->post("/projects/{$this->project->id}/comments", ['words' => 'The float is back, @elif'])->assertSessionHasNoErrors();
    $this->post("/tasks/{$this->task->id}/comments", ['words' => 'A secret, @elif'])->assertSessionHasNoErrors();
    $this->put("/tasks/{$this->task->id}/helpers", ['people' => [$this->elif->id]])->assertSessionHasErrors('people');

    foreach ([$this->ana, $this->elif] as $person) {
        $updates = $this->actingAs($person)->props('/updates')['page']['unread'];
        expect($updates)
            ->toHaveCount(1)
            ->and($updates[0])
            ->toMatchArray([
                'words' => 'said: The float is back, @elif',
                'title' => 'Moorings Orkney',
                'link' => "/projects/{$this->project->id}",
            ]);
    }

    expect($this->actingAs($this->mei)->props('/updates')['page']['unread'])->toBe([]);
});

it('lets only its writer take a comment out', function (): void {
    $this->post("/projects/{$this->project->id}/comments", ['words' => 'It holds']);
    $id = $this->props("/projects/{$this->project->id}")['page']['beside']['comments'][0]['id'];
    $this->actingAs($this->elif)
        ->delete("/comments/$id")
        ->assertForbidden();
    $this->actingAs($this->mei)
        ->delete("/comments/$id")
        ->assertSessionHasNoErrors();
});

it('lists what one helps with', function (): void {
    $task = Made::task($this->elif, ['title' => 'Weigh the anchor']);
    $this->put("/tasks/$task->id/helpers", ['people' => [$this->mei->id]])->assertSessionHasNoErrors();
    expect($this->props('/lists/helping')['page']['groups'][0]['tasks'][0]['title'])->toBe('Weigh the anchor');
    $this->put("/tasks/$task->id/helpers", ['people' => []]);
    expect($this->props('/lists/helping')['page']['total'])->toBe(0);
});

it('says that a file is empty, and keeps nothing of it', function (): void {
    $this->post("/projects/{$this->project->id}/files", ['file' => upload('empty.txt', '')])->assertSessionHasErrors([
        'file' => 'This file is empty. Nothing was saved.',
    ]);
    expect(File::query()->count())->toBe(0);
});

it('takes an address as people paste it', function (string $pasted, ?string $kept): void {
    $sent = $this->post("/projects/{$this->project->id}/references", ['address' => $pasted]);
    $kept === null
        ? $sent->assertSessionHasErrors(['address' => 'Enter an address on the web, for example https://tides.example/april.'])
        : $sent->assertSessionHasNoErrors();

    expect(Reference::query()->value('address'))->toBe($kept);
})->with([
    'with its scheme' => ['https://tides.example/april', 'https://tides.example/april'],
    'bare' => ['tides.example/april?day=3', 'https://tides.example/april?day=3'],
    'bare, without a path' => [' www.tides.example ', 'https://www.tides.example'],
    'a script' => ['javascript:alert(1)', null],
    'a word' => ['tides', null],
    'a sentence' => ['See tides.example', null],
    'another scheme' => ['ftp://tides.example', null],
]);

it('tells which of the words of a comment are mentions', function (): void {
    $this->post("/projects/{$this->project->id}/comments", ['words' => 'For @Elif and @ana ruiz, not @Meike: https://tides.example'])
        ->assertSessionHasNoErrors();

    expect($this->props("/projects/{$this->project->id}")['page']['beside']['comments'][0]['mentions'])->toBe(['@Elif', '@ana ruiz']);
});
