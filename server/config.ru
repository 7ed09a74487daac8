# frozen_string_literal: true

require_relative "boot"

# One weighing of each kind beforehand, so that the first fence to be dragged does not wait for loading.
OakenGauge.kinds["kinds"].each { |kind| OakenGauge.weigh({ "unit" => kind["starter"] }, view: true) }

run Server::Application.build
