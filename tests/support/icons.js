// The icons of @ant-design/icons, each loaded when it is asked for: the package's index loads all eight hundred.
module.exports = new Proxy(
  {},
  {
    get: (_, name) =>
      typeof name === 'string' && name !== '__esModule'
        ? require(`@ant-design/icons/lib/icons/${name}`).default
        : undefined,
  },
);
