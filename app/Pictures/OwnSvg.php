<?php

declare(strict_types=1);

namespace App\Pictures;

/** An SVG that reaches nothing outside of itself: no file of the machine, no address, no script, no entity. */
final readonly class OwnSvg
{
    private const NEVER = ['script', 'foreignobject', 'iframe', 'audio', 'video', 'handler', 'animate', 'set',
        'animatetransform', 'animatemotion'];

    /** what a reference may begin with: something within, or a picture that stands in it */
    private const WITHIN = '~^\s*(#|data:image/(png|jpe?g|webp);base64,)~i';

    private const OUT = '~@import|url\s*\(\s*+["\']?+\s*+(?!#|data:image/(png|jpe?g|webp);base64,)~i';

    public static function isMeant(string $bytes): bool
    {
        return preg_match('/^\s*(\xEF\xBB\xBF)?\s*(<\?xml|<!--|<!DOCTYPE|<svg)/i', substr($bytes, 0, 300)) === 1;
    }

    /** The same picture; null where it is no SVG that can be read. */
    public static function of(string $bytes): ?string
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $isRead = $document->loadXML($bytes, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (!$isRead || $root === null || strtolower($root->localName ?? '') !== 'svg') {
            return null;
        }
        // With its document type go its entities.
        foreach (iterator_to_array($document->childNodes) as $node) {
            if ($node !== $root) {
                $document->removeChild($node);
            }
        }
        self::clean($root);

        return (string) $document->saveXML($root);
    }

    private static function clean(\DOMElement $element): void
    {
        foreach (iterator_to_array($element->attributes) as $attribute) {
            $name = strtolower($attribute->localName ?? '');
            $isOutside = ($name === 'href' || $name === 'src') && preg_match(self::WITHIN, $attribute->value) !== 1;
            if ($isOutside || str_starts_with($name, 'on') || self::leadsOut($attribute->value)) {
                $element->removeAttributeNode($attribute);
            }
        }
        foreach (iterator_to_array($element->childNodes) as $child) {
            $isGone = match (true) {
                $child instanceof \DOMElement => in_array(strtolower($child->localName ?? ''), self::NEVER, true)
                    || (strtolower($child->localName ?? '') === 'style' && self::leadsOut($child->textContent)),
                $child instanceof \DOMText => false,
                default => true,
            };
            if ($isGone) {
                $element->removeChild($child);
            } elseif ($child instanceof \DOMElement) {
                self::clean($child);
            }
        }
    }

    /** Whether a style names something that is not within. */
    private static function leadsOut(string $text): bool
    {
        return preg_match(self::OUT, $text) === 1;
    }
}
