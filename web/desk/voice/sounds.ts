/** what a recording can be, for a file dialog */
export const SOUNDS = '.wav,.mp3,.m4a,.aac,.ogg,.oga,.opus,.flac,.webm,.aif,.aiff,audio/*';
