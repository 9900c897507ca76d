import { plainText } from './plainText';

test('what is read of HTML is its words, line by line', () => {
  const html =
    '<head><title>x</title></head><p>Dear Ines,</p><div>two &amp; three&nbsp;&lt;4&gt;<br>five</div><script>no()</script><style>p{}</style><p>six';
  expect(plainText(html)).toBe('Dear Ines,\ntwo & three <4>\nfive\nsix');
});

test.each(['<script ', '<', '<style>', '<!--', '&', '<a b="', '<br>', '\n \n'])(
  'a megabyte of %j is read in one go',
  (piece) => {
    expect(typeof plainText(piece.repeat(1_000_000 / piece.length))).toBe('string');
  },
);
