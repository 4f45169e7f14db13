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
     * @throws BadPiece
     */
    public function document(): \stdClass
    {
        $this->piece();
        /** @var \stdClass $body */
        $body = json_decode((string) $this->getContent(), false, 66, JSON_THROW_ON_ERROR);

        // An object here, since core has read it as one.
        return $body->document;
    }

    /** @throws BadPiece */
    public function piece(): Piece
    {
        return Piece::fromDocument($this->json('document'));
    }
}
