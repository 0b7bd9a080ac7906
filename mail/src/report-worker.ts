import { answerWith } from '@tin-porch/press/threads';
import { failureIn } from './report.js';

answerWith<{ report: string }>(({ report }) => failureIn(Buffer.from(report, 'base64')));
