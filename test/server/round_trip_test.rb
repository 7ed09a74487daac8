# frozen_string_literal: true

require "support/server_case"
require "support/random_bench"

# A bench that is written, read in elsewhere and written again: the same to the last letter.
class RoundTripTest < ServerCase
  def again(maker)
    first = JSON.generate(Server::Exporter.new(maker).document)
    elsewhere = Server::Importer.new(JSON.parse(first)).import
    [first, JSON.generate(Server::Exporter.new(Server::Models::Maker.find(elsewhere.id)).document)]
  end

  # Where two documents part.
  def where(one, other, path = "")
    return path if one.class != other.class || !one.is_a?(Enumerable) || (one.is_a?(Hash) && one.keys != other.keys)

    keys = one.is_a?(Hash) ? one.keys : (0...[one.size, other.size].max)
    keys.each { |key| return where(one[key], other[key], "#{path}/#{key}") unless JSON.generate(one[key]) == JSON.generate(other[key]) }
    nil
  end

  def test_random_benches
    tools = @maker.tools.map(&:document)
    ENV.fetch("BENCHES", "2").to_i.times do |seed|
      first, second = again(RandomBench.new(seed).make(tools))

      assert_equal first, second, "seed #{seed}: #{where(*[first, second].map { |text| JSON.parse(text) })}"
    end
  end

  # Two blocks of one name: each quilt comes back with its own.
  def test_two_blocks_of_one_name
    twins = %w[6 9].map do |finished|
      @maker.blocks.create!(name: "Buoy", picture: { "cells" => [[{ "cut" => "rising", "fabrics" => %w[1 2] }]], "finished" => finished })
    end
    quilts = twins.map do |block|
      { "blocks" => [{ "id" => block.id }], "setting" => { "layout" => "straight", "across" => 3, "down" => 3 } }
    end
    quilts.each_with_index { |quilt, i| @maker.projects.create!(name: "Quilt #{i}", seam_allowance: "1/4", quilt: quilt) }
    elsewhere = Server::Importer.new(JSON.parse(JSON.generate(Server::Exporter.new(@maker.reload).document))).import
    sizes = elsewhere.projects.last(2).map { |project| elsewhere.blocks.find(project.quilt["blocks"].first["id"]).picture["finished"] }

    assert_equal [%w[6 6], %w[9 9]], sizes
  end

  # Two fabrics that are just alike are two, and a number that means nothing any more means nothing there either.
  def test_twins_and_what_is_gone
    2.times { @maker.fabrics.create!(name: "Twin", document: { "form" => "squares", "side" => "5", "count" => 4 }, colour: "#123456", weave: "plain") }
    gone = @maker.fabrics.create!(name: "Gone", document: { "form" => "squares", "side" => "5", "count" => 4 }, colour: "#123456", weave: "plain")
    cell = { "cut" => "rising", "fabrics" => [gone.id.to_s, gone.id.to_s] }
    @maker.blocks.create!(name: "Buoy", picture: { "cells" => [[cell]], "finished" => "6" })
    gone.destroy!
    first, second = again(@maker.reload)

    assert_equal first, second
    assert_includes first, "missing-#{gone.id}"
    assert_equal(%w[Twin Twin], JSON.parse(second)["fabrics"].map { |fabric| fabric["name"] }.last(2))
  end

  # Files that were written before blocks had ids name them by their names.
  def test_a_file_without_ids_of_blocks
    file = JSON.parse(File.read(DEMO))

    assert(file["blocks"].none? { |block| block.key?("id") })
    quilt = Server::Importer.new(file).import.projects.first.quilt

    assert_equal ["Tide table", "Pinned anchor"], Server::Models::Block.find(quilt["blocks"].map { |entry| entry["id"] }).map(&:name)
    file["projects"].first["blocks"] << "Nowhere"

    fault = assert_raises(OakenGauge::Documents::Invalid) { Server::Importer.new(file) }.faults.first

    assert_equal "/projects/0/blocks/2", fault.pointer
  end
end
