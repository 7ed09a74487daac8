# frozen_string_literal: true

require "support/server_case"

class ImporterTest < ServerCase
  def document
    JSON.parse(File.read(DEMO))
  end

  def test_the_demo_can_be_weighed_and_every_method_has_its_turn
    found = @project.units.to_a.group_by { |unit| unit.spec["kind"] }.transform_values do |units|
      units.flat_map { |unit| OakenGauge.weigh(unit.weigh_document)["methods"].select { |method| method["feasible"] } }
    end
    offered = OakenGauge::Methods.making(OakenGauge::Units::HalfSquare.new(finished: 2r, count: 1)).map(&:id)
    feasible = found["half_square"]

    found.each { |kind, methods| assert_operator methods.size, :>, 4, kind }

    # An HST is one cell of a sheet: there is nothing to fold.
    assert_equal offered.sort - ["foundation/panel"], feasible.map { |method| method["method"] }.uniq.sort
  end

  def test_a_tool_that_cannot_be_read_stores_nothing
    broken = document.tap { |bench| bench["tools"][0]["width"] = "wide" }

    assert_raises(OakenGauge::Documents::Invalid) { Server::Importer.new(broken).import }
    assert_equal 1, Server::Models::Maker.count
  end

  def test_the_maker_comes_with_what_is_known_of_her
    maker = Server::Models::Maker.at_bench

    assert_equal({ "value" => 9, "count" => 32 }, maker.profile["press"])
    assert_equal 2, maker.priorities["accuracy"]
  end

  def test_a_maker_that_cannot_be_read_is_not_stored
    document = JSON.parse(File.read(DEMO))
    document["maker"]["errors"]["die"] = 7
    before = Server::Models::Maker.count
    error = assert_raises(OakenGauge::Documents::Invalid) { Server::Importer.new(document).import }

    assert_equal "/maker/errors/die", error.faults.first.pointer
    assert_equal before, Server::Models::Maker.count
  end
end
