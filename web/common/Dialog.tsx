import { useEffect, useState, type ReactNode } from 'react';
import Modal from 'react-bootstrap/Modal';

interface Props {
  /** the id of its title */
  titled: string;
  onClose: () => void;
  size?: 'lg' | 'xl';
  className?: string;
  /** of its frame */
  frameClass?: string;
  /** It is answered, not closed. */
  isAsked?: boolean;
  children: ReactNode;
}

/** A dialog that is there as long as it is rendered. Whatever had the keyboard before has it again when it goes. */
export function Dialog({ titled, onClose, size, className, frameClass, isAsked, children }: Props) {
  const [before] = useState(openerNow);
  useEffect(
    () => () => {
      // After the page behind it can be reached again.
      window.setTimeout(() => before?.isConnected && before.focus(), 0);
    },
    [before],
  );
  return (
    <Modal
      show
      centered
      animation={false}
      size={size}
      onHide={onClose}
      backdrop={isAsked ? 'static' : true}
      keyboard={!isAsked}
      restoreFocus={false}
      className={className}
      dialogClassName={frameClass}
      aria-labelledby={titled}
    >
      {children}
    </Modal>
  );
}

/** What has the keyboard; of a menu, which is closed by then, the button that opened it. */
function openerNow(): HTMLElement | null {
  const focused = document.activeElement as HTMLElement | null;
  const menu = focused?.closest('.dropdown-menu');
  return menu ? (menu.parentElement?.querySelector<HTMLElement>('.dropdown-toggle') ?? null) : focused;
}
