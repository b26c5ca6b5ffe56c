# Ruvek for a club's own server: `podman build -t ruvek . && podman run -p 3000:3000 ruvek`. It keeps nothing: benches lie in the
# browsers. Put HTTPS before it, or browsers give pages no camera, no copies and no offline use.
FROM docker.io/library/node:20-bookworm-slim AS build
WORKDIR /app
COPY package.json package-lock.json ./
RUN npm ci --no-audit --no-fund
COPY . .
RUN npx next build && npm prune --omit=dev

FROM docker.io/library/node:20-bookworm-slim
WORKDIR /app
ENV NODE_ENV=production NEXT_TELEMETRY_DISABLED=1
COPY --from=build /app/package.json /app/next.config.ts ./
COPY --from=build /app/node_modules ./node_modules
COPY --from=build /app/public ./public
COPY --from=build /app/.next ./.next
USER node
EXPOSE 3000
CMD ["node", "node_modules/next/dist/bin/next", "start"]
