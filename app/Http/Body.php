<?php

declare(strict_types=1);

namespace App\Http;

use App\Desk\DocumentText;
use Illuminate\Http\Request;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Upgrade;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

/**
 * What a request carries: one JSON object, decoded once and at one depth, so that whatever is accepted can be read
 * again after it was stored.
 */
final class Body
{
    private ?Piece $piece = null;

    private function __construct(private readonly \stdClass $object, private readonly Field $field)
    {
    }

    /** @throws BadPiece where it is not a JSON object */
    public static function of(Request $request): self
    {
        $text = (string) $request->getContent();
        if (in_array(trim($text), ['', '[]'], true)) {
            return new self(new \stdClass(), Field::root(new \stdClass()));
        }
        try {
            // The document stands one step deeper here than where it is stored.
            $object = json_decode($text, false, Piece::MAX_DEPTH + 1, JSON_THROW_ON_ERROR);
        } catch (\JsonException $reason) {
            throw new BadPiece(
                sprintf('What was sent is not JSON that Lupine reads: %s.', $reason->getMessage()),
                'body',
            );
        }
        if (!$object instanceof \stdClass) {
            throw new BadPiece('What was sent must be a JSON object.', 'body');
        }

        return new self($object, Field::root($object));
    }

    /** All of it. */
    public function field(): Field
    {
        return $this->field;
    }

    public function get(string $name): Field
    {
        return $this->field->get($name);
    }

    public function has(string $name): bool
    {
        return isset($this->object->{$name});
    }

    /** @throws BadPiece */
    public function piece(): Piece
    {
        return $this->piece ??= Piece::fromDocument($this->field->get('document')->value(), app(Forms::class));
    }

    /**
     * The document as it came, objects that are empty still objects, after core has read and accepted it.
     *
     * @throws BadPiece
     */
    public function document(): \stdClass
    {
        $this->piece();
        $document = Upgrade::of($this->object->document ?? null);

        return $document instanceof \stdClass
            ? $document
            : throw new BadPiece('The piece must be an object.', 'document');
    }

    /**
     * One of several documents that came, read and accepted as `document` is.
     *
     * @throws BadPiece
     */
    public function documentAt(string $name): \stdClass
    {
        Piece::fromDocument($this->field->get($name)->value(), app(Forms::class));
        $document = Upgrade::of($this->object->{$name} ?? null);

        return $document instanceof \stdClass ? $document : throw new BadPiece('The piece must be an object.', $name);
    }

    /** @throws BadPiece */
    public function documentText(): string
    {
        return DocumentText::of($this->document());
    }
}
