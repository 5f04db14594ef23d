/** The few signs within fields, drawn for this product: the library's names, paths of 24 by 24. */
const FRAME = 'M4.6 3.4L19.8 3L20.6 19.9L3.6 20.7ZM5.6 18.7L18.6 18L18 5L6.4 5.3Z'
const RING = 'M12 2.8a9.2 9.2 0 1 1 0 18.4a9.2 9.2 0 1 1 0-18.4ZM12 4.8a7.2 7.2 0 1 0 0 14.4a7.2 7.2 0 1 0 0-14.4Z'

export const icons = {
  checkboxOff: `svg:${FRAME}`,
  checkboxOn: `svg:${FRAME}M7 12.4L9.2 10.2L11.5 12.8L19.6 2.6L22 4.6L11.7 17.6Z`,
  radioOff: `svg:${RING}`,
  radioOn: `svg:${RING}M12 8.1a3.9 3.9 0 1 1 0 7.8a3.9 3.9 0 1 1 0-7.8Z`,
  dropdown: 'svg:M4.8 9L6.6 7.2L12 12.8L17.4 7.2L19.2 9L12 16.4Z',
  subgroup: 'svg:M4.8 9L6.6 7.2L12 12.8L17.4 7.2L19.2 9L12 16.4Z',
  next: 'svg:M9 4.8L7.2 6.6L12.8 12L7.2 17.4L9 19.2L16.4 12Z',
  prev: 'svg:M15 4.8L16.8 6.6L11.2 12L16.8 17.4L15 19.2L7.6 12Z',
  clear:
    'svg:M6.2 4.7L12 10.5L17.8 4.7L19.3 6.2L13.5 12L19.3 17.8L17.8 19.3L12 13.5L6.2 19.3L4.7 17.8L10.5 12L4.7 6.2Z',
  calendar: 'svg:M3.6 5.2L20.2 4.8L20.6 20.6L3.8 20.9ZM5.8 10.4V18.9L18.6 18.7V10.2ZM7 2.6h2.1v5H7ZM15 2.4h2.1v5h-2.1Z',
  file: 'svg:M5.6 2.6H14.2L19 7.4L18.6 21.4L5.4 21ZM7.5 19.1L16.7 19.4L17 9H12.6V4.6H7.5Z',
}
