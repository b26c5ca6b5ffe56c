module.exports = new Proxy({}, { get: (_target, name) => String(name) });
