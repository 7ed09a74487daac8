# frozen_string_literal: true

require "ripper"
require "support/core_case"
require "tsort"

# The rooms of the core stand upon one another: what one names of others leads never back to it. A room is a folder; files
# that lie in none count as one each, lengths and geometry, whose names are everybody's, stand at the bottom.
class RoomsTest < CoreCase
  CORE = File.expand_path("../../core/oaken_gauge", __dir__)
  BOTTOM = %w[lengths geometry].freeze

  # Which of others each names, by their names.
  class Plan
    include TSort

    def initialize(named)
      @named = named
    end

    def circles
      strongly_connected_components.reject(&:one?)
    end

    def tsort_each_node(&)
      @named.each_key(&)
    end

    def tsort_each_child(room, &)
      @named.fetch(room, []).each(&)
    end
  end

  def test_no_room_leads_back_to_itself
    assert_empty Plan.new(named).circles
  end

  def test_what_a_room_stands_on_is_seen
    seen = named

    assert_includes seen["methods"], "cutters"
    assert_includes seen["planning"], "layout"
    assert_empty seen["documents"] - %w[memo naming]
    assert_equal [%w[a b c]], Plan.new("a" => %w[b], "b" => %w[c], "c" => %w[a], "d" => %w[a]).circles.map(&:sort)
  end

  def test_the_bottom_names_nothing_above
    bottom = files.select { |file| BOTTOM.include?(room(file)) }.flat_map { |file| rooms_named(file) }

    assert_empty bottom.uniq - %w[memo]
  end

  private

  def files
    Dir["#{CORE}/**/*.rb"]
  end

  def room(file)
    file.delete_prefix("#{CORE}/").split("/").first.delete_suffix(".rb")
  end

  def rooms
    @rooms ||= (files.map { |file| room(file) }.uniq - BOTTOM).to_h { |room| [room.split("_").map(&:capitalize).join, room] }
  end

  def named
    files.group_by { |file| room(file) }.except(*BOTTOM).to_h { |room, own| [room, own.flat_map { |file| rooms_named(file) }.uniq - [room]] }
  end

  # Constants that are rooms, and not something of the same name inside the file's own.
  def rooms_named(file)
    names = first_constants(file) & rooms.keys
    names.reject { |name| inside(file).any? { |one| one.const_defined?(name, false) } }.map { |name| rooms[name] }
  end

  # Those that stand behind no colons.
  def first_constants(file)
    tokens = Ripper.lex(File.read(file)).map { |_, kind, text, _| [kind, text] }
    [nil, *tokens].each_cons(2).filter_map { |before, (kind, text)| text if kind == :on_const && before&.last != "::" }.uniq
  end

  # The modules that the file lies in, and its own.
  def inside(file)
    names = file.delete_prefix("#{CORE}/").delete_suffix(".rb").split("/") - BOTTOM
    names.each_index.filter_map { |i| constant(names.first(i + 1).join("/")) }
  end

  def constant(path)
    OakenGauge.const_get(OakenGauge::LOADER.cpath_expected_at("#{CORE}/#{path}").delete_prefix("OakenGauge::"))
  rescue Zeitwerk::Error, NameError
    nil
  end
end
