<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Workspace;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Weekday;

/** Names the workspace and sets its calendar: what is not given stays as it is. */
final class SetWorkspace extends Command
{
    protected $signature = 'workspace:set
        {--name= : of the organisation}
        {--timezone= : as Europe/Copenhagen}
        {--week-starts-on= : monday, sunday, …}
        {--year-starts-in= : the month, 1 to 12}
        {--holiday=* : a day that is not worked, YYYY-MM-DD; replaces those there are}';

    protected $description = 'Name the workspace and set its time zone and calendar';

    public function handle(): int
    {
        $workspace = Workspace::current();
        $holidays = $this->option('holiday');
        $given = array_filter(
            [
                'name' => $this->option('name'),
                'timezone' => $this->option('timezone'),
                'week_starts_on' => $this->option('week-starts-on'),
                'year_starts_in' => $this->option('year-starts-in'),
                'holidays' => $holidays === [] ? null : $holidays,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
        $checked = Validator::make($given, [
            'name' => ['string', 'max:80'],
            'timezone' => [Rule::in(DateTimeZone::listIdentifiers())],
            'week_starts_on' => [Rule::in(Weekday::labels())],
            'year_starts_in' => ['integer', 'between:1,12'],
            'holidays.*' => ['date_format:Y-m-d'],
        ]);

        if ($checked->fails()) {
            $this->components->error(implode(' ', $checked->errors()->all()));

            return self::FAILURE;
        }

        $workspace->fill($given)->save();
        $this->components->info(
            "$workspace->name: $workspace->timezone, weeks start on $workspace->week_starts_on, years in month $workspace->year_starts_in.",
        );

        return self::SUCCESS;
    }
}
