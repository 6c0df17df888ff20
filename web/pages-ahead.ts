import type { Plugin, Rolldown } from 'vite';
import { PAGES, wordOf, type PageRoute } from './src/routes.ts';
import { GROUND_RULES } from './src/shared/ui/groundRules.ts';

/**
 * Writes an HTML file for every page, which names all that the page is drawn from, so that it is fetched beside the app and
 * not after it. The styles and the ground rules stand in the file itself, the letters come beside it, and the scripts are
 * fetched as what is less urgent: nothing keeps the first paint waiting.
 */
export function pagesAhead(): Plugin {
  return {
    name: 'pages-ahead',
    enforce: 'post',
    transformIndexHtml: (html) => html.replace('%GROUND_RULES%', GROUND_RULES),
    generateBundle(_options, bundle) {
      const index = bundle['index.html'];
      if (index?.type !== 'asset') throw new Error('the build has no index.html');
      const html = withLinks(withStyles(lessUrgent(String(index.source)), bundle), [
        `<link rel="preload" as="font" type="font/woff2" crossorigin href="/${lettersOf(bundle)}">`,
      ]);
      index.source = html;
      const pages: readonly PageRoute[] = PAGES;
      for (const { path, code, reads } of pages) {
        if (reads === undefined) continue;
        const links = [
          ...filesOf(`/features/${code}.tsx`, bundle).map(
            (file) => `<link rel="modulepreload" fetchpriority="low" crossorigin href="/${file}">`,
          ),
          ...reads.map((path) => `<link rel="preload" as="fetch" crossorigin href="${path}">`),
        ];
        this.emitFile({
          type: 'asset',
          fileName: `pages/${wordOf(path)}.html`,
          source: withLinks(html, links),
        });
      }
      this.emitFile({ type: 'asset', fileName: 'pages/routes.json', source: JSON.stringify(routes(pages)) });
    },
  };
}

/** For the server, the benchmarks and the browser tests: which addresses there are, and which of them have a file. */
function routes(pages: readonly PageRoute[]) {
  return pages.map(({ path, reads, examples }) => ({
    word: wordOf(path),
    file: reads !== undefined,
    examples,
  }));
}

function lessUrgent(html: string): string {
  return html.replace(/<(link rel="modulepreload"|script type="module")/g, '<$1 fetchpriority="low"');
}

function withLinks(html: string, links: string[]): string {
  return html.replace('</head>', () => `${links.join('\n')}\n</head>`);
}

/** The letters that all is written in: come late, they would have what is read first written twice. */
function lettersOf(bundle: Rolldown.OutputBundle): string {
  const letters = Object.keys(bundle).find((file) => /archivo-latin-wght-normal.*\.woff2$/.test(file));
  if (letters === undefined) throw new Error('the letters were not built');
  return letters;
}

function withStyles(html: string, bundle: Rolldown.OutputBundle): string {
  return html.replace(/<link rel="stylesheet"[^>]* href="\/([^"]+)">/, (_link, file: string) => {
    const styles = bundle[file];
    if (styles?.type !== 'asset') throw new Error(`these styles were not built: ${file}`);
    delete bundle[file];
    return `<style>${String(styles.source)}</style>`;
  });
}

/** The file a module went to, and those it imports that the app does not bring along. */
function filesOf(module: string, bundle: Rolldown.OutputBundle): string[] {
  const chunks = Object.values(bundle).filter((file) => file.type === 'chunk');
  const app = chunks.find((chunk) => chunk.isEntry);
  const own = chunks.find((chunk) => chunk.facadeModuleId?.endsWith(module));
  if (app === undefined || own === undefined) throw new Error(`no file was built of ${module}`);
  return [own.fileName, ...own.imports].filter(
    (file) => file !== app.fileName && !app.imports.includes(file),
  );
}
