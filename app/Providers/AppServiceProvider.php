<?php

declare(strict_types=1);

namespace App\Providers;

use App\Exchange\KeptMailbox;
use App\Exchange\Mailbox;
use App\Http\TrustedAddresses;
use App\Models\Comment;
use App\Models\Estimate;
use App\Models\Journal;
use App\Models\Person;
use App\Models\Reference;
use App\Models\Relations\BelongsToPerson;
use App\Models\Relations\Everybody;
use App\Models\Relations\Sight;
use App\Models\Workspace;
use App\Policies\CommentPolicy;
use App\Policies\FilePolicy;
use App\Policies\RecordPolicy;
use App\Policies\Rights;
use App\Queries\Capture\Pending;
use App\Queries\Hours\TakenTime;
use App\Queries\Meetings\Occurrences;
use App\Queries\Plan\StoredPlans;
use App\Store\ChangeLog;
use App\Store\DatabaseSessions;
use App\Store\ImmediateSqliteConnector;
use App\Store\PostgresTurn;
use App\Store\Remembered;
use App\Store\Stamp;
use App\Store\Turn;
use Illuminate\Auth\Access\Response as AccessResponse;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\LazyLoadingViolationException;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\ValidationException;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Mailbox::class, KeptMailbox::class);
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->scoped(ChangeLog::class);
        $this->app->bind(Journal::class, ChangeLog::class);
        $this->app->scoped(Stamp::class);
        $this->app->scoped(Turn::class);
        $this->app->scoped(Everybody::class);
        $this->app->scoped(Occurrences::class);
        $this->app->scoped(Pending::class);
        $this->app->scoped(Remembered::class);
        $this->app->scoped(Sight::class);
        $this->app->scoped(StoredPlans::class);
        $this->app->scoped(TakenTime::class);
        $this->app->scoped(Workspace::class, static fn(): Workspace => Workspace::current());
    }

    public function boot(): void
    {
        Session::extend(
            'database',
            static fn(Application $app): DatabaseSessions => new DatabaseSessions(
                DB::connection(),
                config()->string('session.table'),
                config()->integer('session.lifetime'),
                $app,
            ),
        );
        Event::listen(TransactionBeginning::class, PostgresTurn::class);
        TrustProxies::at(TrustedAddresses::proxies());
        // Relative, so that they hold behind any proxy and at any port.
        Vite::createAssetPathsUsing(static fn(string $path): string => "/$path");
        Model::shouldBeStrict(! $this->app->isProduction());
        // The people are loaded once for all that name them: naming one more asks nothing.
        Model::handleLazyLoadingViolationUsing(
            static fn(Model $model, string $relation) => $model->newQuery()->getRelation($relation) instanceof BelongsToPerson ||
                throw new LazyLoadingViolationException($model, $relation),
        );

        self::gates();
        self::limits();
    }

    /** Who may do what: by the policy of a record, and what concerns no record. */
    private static function gates(): void
    {
        Gate::guessPolicyNamesUsing(
            static fn(string $class): string => match (true) {
                Rights::cover($class) => RecordPolicy::class,
                $class === Reference::class => FilePolicy::class,
                $class === Estimate::class, $class === Comment::class => CommentPolicy::class,
                default => 'App\\Policies\\'.class_basename($class).'Policy',
            },
        );
        // A week's line is for anybody to write, that of a longer period for the leads.
        Gate::define(
            'saveWords',
            static fn(Person $person, Period $period): AccessResponse => $period->horizon === Horizon::Week || $person->isLead()
                ? AccessResponse::allow()
                : AccessResponse::deny('Only a lead can change this.'),
        );
        Gate::define(
            'lead',
            static fn(Person $person): AccessResponse => $person->isLead()
                ? AccessResponse::allow()
                : AccessResponse::deny('Only a lead can change this.'),
        );
    }

    /** How often is too often. */
    private static function limits(): void
    {
        $tooOften = static fn() => throw ValidationException::withMessages([
            'email' => 'Too many attempts. Wait a minute, then try again.',
        ]);

        // More than anybody does by hand, and than a page sends by itself.
        RateLimiter::for(
            'writes',
            static fn(Request $request): Limit => $request->isMethodSafe()
                ? Limit::none()
                : Limit::perMinute(600)->by('writes of '.self::asker($request)),
        );
        RateLimiter::for('uploads', static fn(Request $request): Limit => Limit::perMinute(30)->by('uploads of '.self::asker($request)));
        RateLimiter::for(
            'sign-in',
            static fn(Request $request): array => [
                Limit::perMinute(5)
                    ->by(json_encode($request->input('email')).'|'.$request->ip())
                    ->response($tooOften),
                Limit::perMinute(30)->by((string) $request->ip())->response($tooOften),
            ],
        );
    }

    /** Who asks: a person, or whoever is at an address. */
    private static function asker(Request $request): string
    {
        $person = $request->user();

        return $person instanceof Person ? (string) $person->id : (string) $request->ip();
    }
}
