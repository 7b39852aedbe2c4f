<?php

declare(strict_types=1);

namespace App\Providers;

use App\Exchange\KeptMailbox;
use App\Exchange\Mailbox;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Capture\Pending;
use App\Queries\Goals\StoredPlans;
use App\Queries\Meetings\Occurrences;
use App\Store\ChangeLog;
use App\Store\ImmediateSqliteConnector;
use App\Store\Stamp;
use App\Store\Turn;
use Illuminate\Auth\Access\Response as AccessResponse;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\ValidationException;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Mailbox::class, KeptMailbox::class);
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->scoped(ChangeLog::class);
        $this->app->scoped(Stamp::class);
        $this->app->scoped(Turn::class);
        $this->app->scoped(Everybody::class);
        $this->app->scoped(Occurrences::class);
        $this->app->scoped(Pending::class);
        $this->app->scoped(StoredPlans::class);
        $this->app->scoped(Workspace::class, static fn(): Workspace => Workspace::current());
    }

    public function boot(): void
    {
        // Relative, so that they hold behind any proxy and at any port.
        Vite::createAssetPathsUsing(static fn(string $path): string => "/$path");
        Model::shouldBeStrict(! $this->app->isProduction());

        Gate::define('lead', static fn(Person $person): AccessResponse => $person->isLead() ? AccessResponse::allow() : AccessResponse::deny('This is for the leads to say.'));

        $tooOften = static fn() => throw ValidationException::withMessages([
            'email' => 'Too many tries. Wait a minute, then try again.',
        ]);

        RateLimiter::for('sign-in', static fn(Request $request): array => [
            Limit::perMinute(5)->by($request->string('email')->lower()->toString().'|'.$request->ip())->response($tooOften),
            Limit::perMinute(30)->by((string) $request->ip())->response($tooOften),
        ]);
    }
}
