import Button from 'react-bootstrap/Button';
import Toast from 'react-bootstrap/Toast';
import ToastContainer from 'react-bootstrap/ToastContainer';
import { create } from 'zustand';

interface Notice {
  id: number;
  text: string;
  bad: boolean;
  action?: { text: string; run: () => void };
}

interface Said {
  notices: Notice[];
  say: (text: string, more?: { bad?: boolean; action?: Notice['action'] }) => void;
  close: (id: number) => void;
}

let next = 1;

export const useNotices = create<Said>((set) => ({
  notices: [],
  say: (text, more = {}) =>
    set(({ notices }) => ({
      notices: [...notices.slice(-2), { id: next++, text, bad: more.bad ?? false, action: more.action }],
    })),
  close: (id) => set(({ notices }) => ({ notices: notices.filter((notice) => notice.id !== id) })),
}));

/** Short messages at the foot of the page, some with a way back. */
export function Notices() {
  const { notices, close } = useNotices();
  return (
    <ToastContainer position="bottom-center" className="p-3 position-fixed">
      {notices.map((notice) => (
        <Toast
          key={notice.id}
          onClose={() => close(notice.id)}
          autohide
          delay={notice.bad ? 12_000 : 8_000}
          role={notice.bad ? 'alert' : 'status'}
        >
          <Toast.Body className="d-flex align-items-center gap-3">
            <span className={`flex-grow-1${notice.bad ? ' text-danger' : ''}`}>{notice.text}</span>
            {notice.action && (
              <Button
                size="sm"
                variant="link"
                onClick={() => {
                  notice.action?.run();
                  close(notice.id);
                }}
              >
                {notice.action.text}
              </Button>
            )}
            <button type="button" className="btn-close" aria-label="Close" onClick={() => close(notice.id)} />
          </Toast.Body>
        </Toast>
      ))}
    </ToastContainer>
  );
}
