import { NextResponse, type NextRequest } from 'next/server';
import { contentPolicy } from './app/content-policy';

/** While the app is worked on, its tools make code of text. */
const AT_WORK = process.env.NODE_ENV === 'development' ? ["'unsafe-eval'"] : [];

/** Gives each answer a mark of its own, which its scripts carry: what else gets into a page does not run. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = `${contentPolicy([`'nonce-${nonce}'`, ...AT_WORK])}; frame-ancestors 'none'`;
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  // By this Next marks the scripts that it writes itself.
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

export const config = { matcher: ['/((?!_next/static|_next/image|api/).*)'] };
