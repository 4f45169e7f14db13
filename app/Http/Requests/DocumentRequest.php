<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Lupine\Core\Piece\BadPiece;
use Lupine\Core\Piece\Piece;

/** A request that carries a whole document in its field `document`. */
final class DocumentRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function authorize(): bool
    {
        if (strlen((string) $this->getContent()) > config('lupine.request_bytes')) {
            abort(413);
        }

        return true;
    }

    /**
     * The document as it came, after core has read and accepted it.
     *
     * @return array<string, mixed>
     *
     * @throws BadPiece
     */
    public function document(): array
    {
        $this->piece();
        /** @var array{document: array<string, mixed>} $body */
        $body = self::keepEmptyObjects(json_decode((string) $this->getContent(), false, 64));

        return $body['document'];
    }

    /** @throws BadPiece */
    public function piece(): Piece
    {
        return Piece::fromDocument($this->json('document'));
    }

    /** Arrays all the way down, but an empty object stays one. */
    private static function keepEmptyObjects(mixed $value): mixed
    {
        if ($value instanceof \stdClass) {
            $fields = get_object_vars($value);

            return $fields === [] ? $value : array_map(self::keepEmptyObjects(...), $fields);
        }

        return is_array($value) ? array_map(self::keepEmptyObjects(...), $value) : $value;
    }
}
