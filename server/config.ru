# frozen_string_literal: true

require_relative "boot"

run Server::Application.build
