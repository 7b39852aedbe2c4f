<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Extension\ExternalLink\ExternalLinkExtension;
use League\CommonMark\Extension\Strikethrough\StrikethroughExtension;
use League\CommonMark\MarkdownConverter;
use League\CommonMark\Node\Node;
use League\CommonMark\Renderer\ChildNodeRendererInterface;
use League\CommonMark\Renderer\NodeRendererInterface;
use League\CommonMark\Util\HtmlElement;

/** Markdown that people wrote, as HTML that cannot do harm: no raw HTML, no scripts in links, nothing fetched. */
final class Markdown
{
    /** Null when there is nothing to show. */
    public static function html(?string $text): ?string
    {
        if ($text === null || trim($text) === '') {
            return null;
        }

        $environment = new Environment([
            'html_input' => 'escape',
            'allow_unsafe_links' => false,
            'max_nesting_level' => 30,
            'external_link' => ['nofollow' => 'external', 'noopener' => 'external', 'noreferrer' => 'external'],
        ]);
        $environment->addExtension(new CommonMarkCoreExtension());
        $environment->addExtension(new StrikethroughExtension());
        $environment->addExtension(new ExternalLinkExtension());
        $environment->addRenderer(Image::class, self::imageAsWords(), 10);

        return (new MarkdownConverter($environment))->convert($text)->getContent();
    }

    /** Text that means nothing to Markdown: it comes out as it was written, spaces at its beginning too. */
    public static function plain(string $text): string
    {
        $escaped = self::inline($text);
        $escaped = (string) preg_replace('/^(\s*)([-+=])/', '$1\\\\$2', $escaped);
        $escaped = (string) preg_replace('/^(\s*\d+)([.)])/', '$1\\\\$2', $escaped);

        return (string) preg_replace_callback(
            '/^[ \t]+/',
            static fn(array $spaces): string => str_repeat("\u{a0}", strlen($spaces[0])),
            $escaped,
        );
    }

    /** The same within a line, where nothing can begin. */
    public static function inline(string $text): string
    {
        return (string) preg_replace('/[\\\\`*_{}\[\]<>#|~&!]/', '\\\\$0', str_replace(["\r\n", "\n", "\r"], ' ', $text));
    }

    /** A picture from elsewhere would be fetched by whoever reads: its words stand in its place. */
    private static function imageAsWords(): NodeRendererInterface
    {
        return new class () implements NodeRendererInterface {
            public function render(Node $node, ChildNodeRendererInterface $childRenderer): HtmlElement
            {
                return new HtmlElement('span', [], $childRenderer->renderNodes($node->children()));
            }
        };
    }
}
