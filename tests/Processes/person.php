<?php

declare(strict_types=1);

/*
 * A process of its own in which a person asks the application one thing after the other: reads a list of questions as
 * JSON, waits until the file in START is there, adds a dot to ANSWERED for each answer, and prints how each was answered.
 */

use App\Models\Person;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

require __DIR__.'/../../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();

/** @var list<array{as: int, method: string, uri: string, data?: array<string, mixed>, key?: string}> $questions */
$questions = json_decode((string) stream_get_contents(STDIN), true, 64, JSON_THROW_ON_ERROR);
$person = Person::query()->findOrFail($questions[0]['as'] ?? 0);
file_put_contents((string) getenv('READY'), '.', FILE_APPEND | LOCK_EX);

while (! is_file((string) getenv('START'))) {
    usleep(2_000);
}

$answers = [];

foreach ($questions as $question) {
    $app->forgetScopedInstances();
    $request = Request::create($question['uri'], $question['method'], $question['data'] ?? []);
    $app->instance('request', $request);
    Auth::setUser($person->fresh() ?? $person);
    $request->headers->set('Accept', 'application/json');

    if (isset($question['key'])) {
        $request->headers->set('Idempotency-Key', $question['key']);
    }

    $response = $kernel->handle($request);
    $answers[] = ['status' => $response->getStatusCode(), 'body' => mb_substr((string) $response->getContent(), 0, 400)];
    $kernel->terminate($request, $response);
    file_put_contents((string) getenv('ANSWERED'), '.', FILE_APPEND | LOCK_EX);
}

echo json_encode($answers, JSON_THROW_ON_ERROR);
