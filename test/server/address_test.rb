# frozen_string_literal: true

require "support/server_case"
require_relative "../../server/running/address"

class AddressTest < Minitest::Test
  def refused(host, port)
    assert_raises(Running::Address::Refused) { Running::Address.new(host, port) }.message
  end

  def test_a_free_port_is_found
    address = Running::Address.new(nil, nil)

    assert_equal "http://127.0.0.1:#{address.port}", address.url
    assert_includes 7420...7470, address.port
  end

  def test_what_is_no_port_is_said
    ["abc", "99999", "0", "-1", "74 20", "7420x"].each { |port| assert_match(/PORT is .*1 to 65535/, refused(nil, port), port) }
  end

  def test_a_port_in_use_is_said
    TCPServer.open("127.0.0.1", 0) { |server| assert_match(/Port #{server.addr[1]} is in use/, refused(nil, server.addr[1].to_s)) }
  end

  def test_a_host_of_six_parts_stands_in_brackets
    address = Running::Address.new("::1", nil)

    assert_equal ["http://[::1]:#{address.port}", "tcp://[::1]:#{address.port}"], [address.url, address.bind]
  rescue Running::Address::Refused => e
    # A machine without such addresses says so.
    assert_match(/no address of this machine/, e.message)
  end

  def test_a_host_elsewhere_is_said
    assert_match(/"192.0.2.1", which is no address of this machine/, refused("192.0.2.1", "7499"))
    assert_match(/no address of this machine/, refused("nowhere.invalid", "7499"))
  end
end
