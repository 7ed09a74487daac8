# frozen_string_literal: true

require_relative "boot"

# One weighing of each kind beforehand, so that the first fence to be dragged does not wait for loading.
# A few times over: Ruby's compiler begins with what was called often, and every process takes with it what is compiled by then.
4.times { OakenGauge.kinds["kinds"].each { |kind| JSON.generate(OakenGauge.weigh({ "unit" => kind["starter"] }, view: true)) } }
GC.start

app = Server::Application.build
Server::Beforehand.new(app).asked?

run app
