# frozen_string_literal: true

# Making one unit of a method with chosen errors: everything in the core but the chances.
module Making
  HALF_SQUARE = { "kind" => "half_square", "finished" => "2" }.freeze
  STRAIGHT = { "id" => "rule", "name" => "Rule", "kind" => "straight_ruler", "width" => "6 1/2", "length" => "24" }.freeze
  SHEET = [STRAIGHT, { "id" => "sheet", "name" => "Sheet", "kind" => "foundation_grid", "cell" => "2", "columns" => 9, "rows" => 9, "ease" => "1/16" }].freeze
  # What an error is called here, and the values of the profile that it stands for.
  PIECES = %i[cut_strip cut_strip_slots subcut subcut_slots subcut_rectangle].freeze
  KINDS = { cut: %i[ruler_main ruler_between], seam: %i[seam_foot seam_line seam_guided], die: %i[die], pressing: %i[pressing],
            trim: %i[trim_groove trim_line] }.freeze

  # The method, its task read from a document.
  def way(id, unit = HALF_SQUARE, tools: nil, maker: {}, fabrics: {})
    task = OakenGauge.read_weighing({ "unit" => { "count" => 8 }.merge(unit), "tools" => tools || CoreCase::DRAWER,
                                                     "maker" => maker, "fabrics" => fabrics })
    OakenGauge::Methods.making(task.unit).find { |method| method.id == id }.new(task).tap do |way|
      raise id unless way.settings && way.problems.empty?
    end
  end

  # One unit with all errors of a kind set alike; a block may say more, by the number of the source. The
  # sky's squares are the later ones of stitch and flip.
  # @return [OakenGauge::Construction::Measures]
  def make(id, unit = HALF_SQUARE, tools: nil, maker: {}, sky: nil, **errors)
    method = way(id, unit, tools: tools, maker: maker)
    sources = sources(method)
    values = sources.map { |source| errors.sum(0.0) { |name, value| is?(source, name) ? value : 0.0 } }
    squares(sources).each { |i| values[i] = sky } if sky
    yield(sources).each { |i, value| values[i] = value } if block_given?
    method.rebuilding.call(OakenGauge::Construction::Draws.new(method.task.maker.profile, values))
  end

  # The errors of cutting that come after those of the first piece: the sky of a goose, what a half is laid under.
  def squares(sources)
    sources.each_index.select { |i| is?(sources[i], :cut) }.drop(2)
  end

  # Cutting is what the size of a piece comes from, not cutting it apart.
  def is?(source, name)
    KINDS.fetch(name).include?(source.kind) && (name != :cut || PIECES.include?(source.step))
  end

  def sizes(...)
    make(...).sizes
  end

  def sources(method)
    note = OakenGauge::Construction::Draws.new(method.task.maker.profile)
    method.rebuilding.call(note)
    note.sources
  end
end
