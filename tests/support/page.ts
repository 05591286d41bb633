import { configure, screen } from '@testing-library/dom'
import { userEvent } from '@testing-library/user-event'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import type { Component } from 'vue'
import { useWorkshop } from '../../app/stores/workshop'

// A guard against what never comes, not a measure.
configure({ asyncUtilTimeout: 20_000, getElementError: (message) => new Error(message?.split('\n')[0]) })

/** A component on a page, as the app would have it: with room for what opens beside a button. */
export async function show(component: Component, props: Record<string, unknown> = {}): Promise<VueWrapper> {
  const place = document.createElement('div')
  place.dataset.floats = ''
  document.body.append(place)
  const wrapper = mount(component, { props, attachTo: place })
  await flushPromises()
  return wrapper
}

/** The maker's own workshop, empty but for what every workshop has; real stores on a real database. */
export async function openMine() {
  const workshop = useWorkshop()
  await workshop.open('mine')
  return workshop
}

export const hand = userEvent.setup({ delay: null })
/** Types over what a field holds. */
export async function type(label: string | RegExp, text: string): Promise<void> {
  const field = screen.getByLabelText(label)
  await hand.clear(field)
  if (text !== '') await hand.type(field, text)
  await hand.tab()
}
export async function press(name: string | RegExp): Promise<void> {
  await hand.click(screen.getByRole('button', { name }))
  await flushPromises()
}
/** Picks one of a list. */
export async function pick(label: string | RegExp, words: string): Promise<void> {
  await hand.click(screen.getByLabelText(label))
  await hand.click(await screen.findByRole('option', { name: words }))
  await flushPromises()
}
