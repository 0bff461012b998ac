import { Upload } from 'tus-js-client';
import { detailOf, ownHeaders } from '../api/client';

const PIECE = 256 * 1024;
/** How long to wait before each further try, in milliseconds; the last is tried until the network is back. */
const PAUSES = [500, 1000, 2000, 4000, 8000, 15000, 30000, 60000];

/** What goes with a file that is sent by piece. */
export type Said = Record<string, string>;

/**
 * Sends a file piece by piece; where the network is lost it goes on with the piece that is missing.
 *
 * @param onBytes told after every piece, with how many bytes have arrived
 */
export function sendByPiece(
  address: string,
  file: File,
  said: Said,
  onBytes: (sent: number) => void,
): Promise<void> {
  return new Promise((done, failed) => {
    const upload = new Upload(file, {
      endpoint: address,
      chunkSize: PIECE,
      retryDelays: PAUSES,
      metadata: { ...said, filename: file.name },
      storeFingerprintForResuming: false,
      onBeforeRequest: (request) => {
        for (const [name, value] of Object.entries(ownHeaders())) request.setHeader(name, value);
      },
      onShouldRetry: (problem) => {
        const status = 'originalResponse' in problem ? (problem.originalResponse?.getStatus() ?? 0) : 0;
        return status === 0 || status === 423 || status === 429 || status >= 500;
      },
      onChunkComplete: (_, sent) => onBytes(sent),
      onSuccess: () => done(),
      onError: (problem) => {
        const body = 'originalResponse' in problem ? (problem.originalResponse?.getBody() ?? '') : '';
        failed(new Error(detailOf(body)));
      },
    });
    upload.start();
  });
}
