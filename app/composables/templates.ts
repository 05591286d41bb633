import { templateSvg, type Template } from '~~/core/templates'
import { save } from './save'

/** Templates at 1:1 as files: PDF for paper, SVG and DXF for cutters. */
export function useTemplates() {
  const workshop = useWorkshop()
  const printing = ref(false)

  async function pdf(
    templates: readonly Template[],
    title: string,
    list: { readonly title: string; readonly words: readonly string[] } = { title: '', words: [] },
  ): Promise<void> {
    if (printing.value) return
    printing.value = true
    await printFrom(
      '/api/template',
      {
        paper: workshop.settings.paper,
        title,
        templates: templates.map((template) => rounded(template)),
        list: list.words,
        listTitle: list.title,
      },
      `${fileNameOf(title)}.pdf`,
      'The sheet',
    )
    printing.value = false
  }
  /** One file for each template. */
  async function drawing(templates: readonly Template[], title: string, kind: 'svg' | 'dxf'): Promise<void> {
    const text = kind === 'svg' ? templateSvg : (await import('~~/core/templates/dxf')).templateDxf
    templates.forEach((template, i) => {
      const name = templates.length > 1 ? `${fileNameOf(title)}-${i + 1}` : fileNameOf(title)
      save(
        new Blob([text(template)], { type: kind === 'svg' ? 'image/svg+xml' : 'image/vnd.dxf' }),
        `${name}.${kind}`,
      )
    })
  }
  return { printing, pdf, drawing }
}

/** Hundredths of a millimetre are enough for scissors, and make a short order. */
function rounded(template: Template): Template {
  const text = JSON.stringify(template, (_key, value: unknown) =>
    typeof value === 'number' ? Math.round(value * 100) / 100 : value,
  )
  return JSON.parse(text) as Template
}
