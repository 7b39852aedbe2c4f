/** Markdown that the server has made into HTML: it lets no raw HTML and no scripts through. */
export function Prose({ html }: { html: string }) {
    return <div className="prose max-w-prose" dangerouslySetInnerHTML={{ __html: html }} />;
}
