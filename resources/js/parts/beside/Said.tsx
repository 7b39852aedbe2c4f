const ADDRESS = /(https?:\/\/[^\s<>"]*[^\s<>".,;:!?)\]])/;

/** What people wrote: addresses are links, those who are told of it stand out; nothing else of it means anything. */
export function Said({ words, mentions }: { words: string; mentions: string[] }) {
    return (
        <p className="min-w-0 flex-1 wrap-anywhere whitespace-pre-wrap">
            {pieces(words, mentions).map(([at, piece]) =>
                mentions.includes(piece) ? (
                    <b key={at} className="font-semibold">
                        {piece}
                    </b>
                ) : ADDRESS.test(piece) ? (
                    <a key={at} href={piece} className="link" rel="noopener noreferrer nofollow" target="_blank">
                        {piece}
                    </a>
                ) : (
                    <span key={at}>{piece}</span>
                ),
            )}
        </p>
    );
}

/** The words cut at addresses and mentions, each piece with where it begins. */
function pieces(words: string, mentions: string[]): [number, string][] {
    const escaped = [...mentions]
        .sort((one, other) => other.length - one.length)
        .map((mention) => mention.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
    const cut = new RegExp([ADDRESS.source, ...escaped.map((mention) => `(${mention})`)].join('|'), 'g');
    const found: [number, string][] = [];
    let end = 0;

    for (const match of words.matchAll(cut)) {
        found.push([end, words.slice(end, match.index)], [match.index, match[0]]);
        end = match.index + match[0].length;
    }

    return [...found, [end, words.slice(end)]].filter((piece): piece is [number, string] => piece[1] !== '');
}
