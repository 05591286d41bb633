const { createHash } = require('node:crypto')
const { readFileSync } = require('node:fs')

/** What a transform gives depends on the file, on how it is asked, and on the transform itself. */
module.exports = (own) => {
  const ownText = readFileSync(own, 'utf8')
  return (source, path, { configString }) =>
    createHash('sha1').update([ownText, source, path, configString].join('\0')).digest('hex')
}
