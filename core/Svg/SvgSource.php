<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Refusal;
use DOMDocument;
use DOMElement;

/** Reads the text of an SVG without asking for a file or the network, and without entities of its own. */
final class SvgSource
{
    public const NS = 'http://www.w3.org/2000/svg';

    private const MOST_BYTES = 8 * 1024 * 1024;

    private const MOST_ELEMENTS = 40_000;

    /** how deep elements may lie in one another; as deep as the parser goes */
    private const DEEPEST = 250;

    /** @throws Refusal when it is no SVG, or more than can be taken */
    public static function read(string $text): DOMElement
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw Refusal::because('An SVG has 8 MB at most.', 'file');
        }
        if (preg_match('/<!ENTITY/i', $text) === 1) {
            throw Refusal::because('This SVG defines entities. It cannot be taken.', 'file');
        }
        // A document type says nothing that is needed, and could name files.
        $text = (string) preg_replace('/<!DOCTYPE[^>\[]*(\[[^\]]*\])?\s*>/i', '', $text, 1);
        $document = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        try {
            $isRead = $text !== '' && $document->loadXML($text, LIBXML_NONET | LIBXML_COMPACT | LIBXML_NOCDATA);
            $error = libxml_get_last_error();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        $root = $document->documentElement;
        if (! $isRead || $root === null) {
            $isDeep = $error !== false && str_contains($error->message, 'depth');
            throw Refusal::because($isDeep ? 'In this SVG things lie in one another more than '.self::DEEPEST.' deep. It cannot be taken.' : 'This SVG cannot be read'.($error === false ? '.' : ': line '.$error->line.'.'), 'file');
        }
        if (strtolower($root->localName ?? '') !== 'svg') {
            throw Refusal::because('This is no SVG.', 'file');
        }
        if ($document->getElementsByTagName('*')->length > self::MOST_ELEMENTS) {
            throw Refusal::because('An SVG has '.number_format(self::MOST_ELEMENTS).' elements at most.', 'file');
        }

        return $root;
    }
}
