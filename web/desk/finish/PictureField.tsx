import { useRef } from 'react';
import { FileInput } from '../../common/FileInput';
import { Pick } from '../../fields/Choice';
import type { Piece } from '../../../contracts/piece';
import { settingOf } from '../../settings/settings';
import { PICTURES, takePicture } from '../faces/addPicture';

interface Props {
  piece: Piece;
  value: string | null | undefined;
  onChange: (picture: string) => void;
}

const ADD = '+';

/** Which of the piece’s pictures a fill has, and the way to another one. */
export function PictureField({ piece, value, onChange }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const pictures = piece.pictures ?? [];
  return (
    <>
      <Pick
        label={settingOf('Fill', 'picture').label}
        value={pictures.some(({ id }) => id === value) ? (value ?? '') : ''}
        options={[
          ['', 'None'],
          ...pictures.map(({ id, name }): [string, string] => [id, name || id]),
          [ADD, 'Add a picture…'],
        ]}
        onChange={(chosen) => {
          if (chosen === ADD) input.current?.click();
          else onChange(chosen);
        }}
      />
      <FileInput
        picker={input}
        label="Add a picture"
        accept={PICTURES}
        onFile={(file) => void takePicture(file).then((made) => made && onChange(made))}
      />
    </>
  );
}
