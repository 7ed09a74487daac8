# frozen_string_literal: true

# A bench of a maker as it may have come to be, drawn by a seed: names that are alike, fabrics and blocks that are gone, things put aside.
class RandomBench
  NAMES = ["Kelp", "kelp!", "Kelp", "Gull white", "é", "Shoal 2", "Missing 7", "12", "a" * 80].freeze
  FORMS = [{ "form" => "yardage", "usable_width" => "40", "length" => "54" }, { "form" => "squares", "side" => "5", "count" => 12 },
           { "form" => "scraps", "pieces" => [%w[5 7], ["6 1/2", "9"]] }, { "form" => "fat_quarter", "count" => 2 }].freeze
  UNITS = [{ "kind" => "half_square", "finished" => "3", "count" => 8 }, { "kind" => "flying_geese", "finished" => %w[2 4], "count" => 5 },
           { "kind" => "three_triangle", "finished" => "4", "count" => { "left" => 2, "right" => 3 } }].freeze
  METHODS = { "half_square" => %w[rotary/patches die/patches rotary/eight_at_a_time], "flying_geese" => %w[rotary/patches foundation/panel],
              "three_triangle" => %w[rotary/two_at_a_time template/patches] }.freeze

  # @param seed [Integer]
  def initialize(seed)
    @random = Random.new(seed)
  end

  # @param tools [Array<Hash>] documents that some of are taken from
  # @return [Server::Models::Maker]
  def make(tools)
    @maker = Server::Models::Maker.create!(name: one(NAMES), profile: one([{}, { "corners" => "large" }]), priorities: one([{}, { "fabric" => 3 }]))
    some(tools, tools.size).each_with_index { |tool, i| @maker.tools.create!(document: tool, position: i, retired: chance?(5)) }
    @fabrics = Array.new(@random.rand(1..6)) { |i| fabric(i) }
    @blocks = Array.new(@random.rand(0..4)) { block }
    Array.new(@random.rand(0..4)) { project }
    gone
    @maker.reload
  end

  private

  def one(list)
    list[@random.rand(list.size)]
  end

  def some(list, most)
    list.sample(@random.rand(0..most), random: @random)
  end

  def chance?(of)
    @random.rand(of).zero?
  end

  def fabric(number)
    @maker.fabrics.create!(name: one(NAMES), document: one(FORMS), colour: format("#%06x", (number * 4369) + 10), weave: one(%w[plain dots slub]))
  end

  def fabric_id
    chance?(9) ? one(%w[999999 kelp missing-kelp 12-dots]) : one(@fabrics).id.to_s
  end

  def block
    cells = Array.new(2) { Array.new(2) { { "cut" => "rising", "fabrics" => [fabric_id, fabric_id] } } }
    pieces = chance?(2) ? [] : [0, 1].product([0, 1]).map { |at| piece(at, cells[at.last][at.first]) }
    @maker.blocks.create!(name: one(NAMES), picture: { "cells" => cells, "finished" => one(%w[6 8 9]) }, pieces: pieces)
  end

  def piece(at, cell)
    { "kind" => "half_square", "at" => at, "span" => [1, 1], "turn" => 0, "mirror" => false,
      "fabrics" => { "light" => cell["fabrics"].first, "dark" => cell["fabrics"].last } }
  end

  def project
    made = @maker.all_projects.create!(name: one(NAMES), notes: one(["", "two\nlines"]), aside: chance?(4), measure: one(%w[inch cm]),
                                       seam_allowance: one(%w[1/4 3/8]), quilt: (quilt if @blocks.any? && chance?(2)),
                                       tool_keys: one([nil, @maker.tools.map(&:key).first(2)]))
    Array.new(@random.rand(0..4)) { |i| unit(made, i) }
  end

  def quilt
    blocks = some(@blocks, 3)
    blocks = [@blocks.first] if blocks.empty?
    { "blocks" => blocks.map { |block| { "id" => block.id, "count" => @random.rand(1..9) } },
      "setting" => { "layout" => "straight", "across" => 3, "down" => 4, "fabrics" => { "sashing" => fabric_id }, "sashing" => "1",
                     "borders" => [{ "width" => "3", "fabric" => fabric_id }] },
      "binding" => { "fabric" => fabric_id }, "batting" => { "fusible" => true },
      "colourways" => chance?(2) ? [{ fabric_id => fabric_id }] : [] }
  end

  def unit(project, place)
    spec = one(UNITS)
    made = project.units.create!(label: one(NAMES), spec: spec, position: place, removed_at: (Time.now if chance?(6)))
    roles = OakenGauge.read_unit(spec).class.roles.map(&:to_s)
    some(roles, roles.size).each { |role| made.unit_fabrics.create!(role: role, fabric: one(@fabrics)) }
    made.create_pick!(method_id: one(METHODS.fetch(spec["kind"])), spec: spec, answer: { "title" => "Picked" }) if chance?(2)
  end

  # Fabrics and blocks that were removed since.
  def gone
    @fabrics.reject { |fabric| fabric.units.exists? }.each { |fabric| fabric.destroy! if chance?(3) }
    @blocks.each { |block| block.destroy! if chance?(5) }
  end
end
