// Fonts for what is printed: the PDF writer takes TrueType only, and names come in any European script.
import { copyFileSync, mkdirSync } from 'node:fs';

const from = 'node_modules/dejavu-fonts-ttf';
mkdirSync('dist/paper', { recursive: true });
for (const font of ['DejaVuSans.ttf', 'DejaVuSans-Bold.ttf', 'DejaVuSansMono.ttf']) {
  copyFileSync(`${from}/ttf/${font}`, `dist/paper/${font}`);
}
copyFileSync(`${from}/LICENSE`, 'dist/paper/LICENSE');
