import { describe, expect, it } from 'vitest'
import { clientName } from './clients'

describe('a client', () => {
  it('is its address, however IPv4 is written', () => {
    expect(clientName('192.0.2.7', '', 0)).toBe('192.0.2.7')
    expect(clientName('::ffff:192.0.2.7', '', 0)).toBe('192.0.2.7')
  })

  it('is the network that one customer has, of IPv6, however it is written', () => {
    const one = clientName('2001:db8:0:7::1', '', 0)
    expect(clientName('2001:0DB8:0000:0007:ffff:1:2:3', '', 0)).toBe(one)
    expect(clientName('2001:db8::1', '', 0)).toBe(clientName('2001:db8::ffff:2', '', 0))
    expect(clientName('2001:db8:0:8::1', '', 0)).not.toBe(one)
  })

  it('is what the proxy wrote, whatever the client writes itself', () => {
    expect(clientName('127.0.0.1', '198.51.100.9', 1)).toBe('198.51.100.9')
    expect(clientName('127.0.0.1', '203.0.113.1, 198.51.100.9', 1)).toBe('198.51.100.9')
    expect(clientName('127.0.0.1', '203.0.113.1, 198.51.100.9, 10.0.0.1', 2)).toBe('198.51.100.9')
    expect(clientName('192.0.2.7', '198.51.100.9', 0)).toBe('192.0.2.7')
  })

  it('is who asked, where a proxy wrote nothing or nothing that is an address', () => {
    expect(clientName('192.0.2.7', '', 1)).toBe('192.0.2.7')
    expect(clientName('192.0.2.7', '198.51.100.9', 2)).toBe('192.0.2.7')
    expect(clientName('192.0.2.7', 'somewhere', 1)).toBe('192.0.2.7')
    expect(clientName('', '', 0)).toBe('unknown')
  })
})
