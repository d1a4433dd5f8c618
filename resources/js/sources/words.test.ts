import { expect, it } from 'vitest';
import { copied } from './words';

it('keeps italics, bold type and line breaks for a rich clipboard, and none of the marks of HTML', () => {
    expect(
        copied([
            ['Figure 1', 2],
            ['\n', 0],
            ['Salt & <light>', 1],
        ]),
    ).toEqual({ html: '<b>Figure 1</b><br><i>Salt &amp; &lt;light></i>', text: 'Figure 1\nSalt & <light>' });
});
