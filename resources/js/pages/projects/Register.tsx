import { Head, Link } from '@inertiajs/react';
import type { Register as RegisterProps } from '../../generated/props';
import { route } from '../../lib/routes';
import { Empty } from '../../parts/signs/Section';
import { ActiveBy } from '../../parts/register/ActiveBy';
import { addressOf, Choose } from '../../parts/register/Choose';
import { RegisterLine } from '../../parts/register/RegisterLine';
import { ButtonLink } from '../../ui/Button';

/** All projects, as far as they are asked for: what needs something stands first. */
export default function Register({ page }: { page: RegisterProps }) {
    return (
        <div className="sheet-edge">
            <Head title="Projects" />
            <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Projects</h1>
                    <p className="text-ink-2">
                        {page.active} active
                        {page.needy > 0 ? `, ${String(page.needy)} stuck or ready to close, shown first.` : ', none stuck.'}
                    </p>
                </div>
                <span className="flex gap-3">
                    <ButtonLink kind="main" href={route('projects.create')}>
                        New project
                    </ButtonLink>
                </span>
            </div>
            <ActiveBy page={page} />
            <Choose page={page} />
            {page.total === 0 && (
                <Empty action={<ButtonLink href={route('projects.index')}>Show all open projects</ButtonLink>}>
                    No projects here. A project is work with an end that contributes to a goal.
                </Empty>
            )}
            {page.groups.map((group) => (
                <section key={group.heading} className="mb-6">
                    {group.heading !== null && (
                        <h2 className="border-b border-rule pb-1 text-sm">
                            {group.heading} <span className="font-mono text-xs font-normal text-ink-2">{group.projects.length}</span>
                        </h2>
                    )}
                    <ul>
                        {group.projects.map((project) => (
                            <RegisterLine key={project.id} project={project} />
                        ))}
                    </ul>
                </section>
            ))}
            {page.pages > 1 && <Pages page={page} />}
        </div>
    );
}

function Pages({ page }: { page: RegisterProps }) {
    const { filter, pages } = page;
    const at = Math.min(filter.page, pages);

    return (
        <nav aria-label="Pages" className="flex items-center gap-4 text-sm">
            {at > 1 && <Link href={addressOf(filter, { page: at - 1 })}>‹ Previous</Link>}
            <span className="font-mono text-xs text-ink-2">
                {at} of {pages}, {page.total} projects
            </span>
            {at < pages && <Link href={addressOf(filter, { page: at + 1 })}>Next ›</Link>}
        </nav>
    );
}
