# frozen_string_literal: true

require "json"

# Writes documents by their published schemas: any key that may be there, any value that is allowed, often the least or the most. Rules
# between keys are not in a schema, so that some of these are refused. The same seed gives the same.
class WrittenDocuments
  FOLDER = File.expand_path("../../docs/formats", __dir__)
  # Lists are no longer than this but now and then.
  SHORT = 3
  LONG = 40
  # Objects within objects further than this have only what they must.
  DEEP = 6
  NAMES = %w[ink sand é].freeze
  # Lengths as people write them, and how many inches they are.
  LENGTHS = { "1/8" => 0.125, "1/4" => 0.25, "3/8" => 0.375, "1" => 1, "1 1/2" => 1.5, "2 1/2" => 2.5, "2⅞" => 2.875, "7.3cm" => 2.874, "3" => 3,
              "4 7/8" => 4.875, "6" => 6, "12" => 12, "40" => 40, "100" => 100 }.freeze
  # How many fabrics a cell of a picture has.
  CUTS = { "whole" => 1, "rising" => 2, "falling" => 2, "quartered" => 4 }.freeze
  # So often what is refused is written anew or left out, until it is a document.
  TRIES = 40

  # @param command [String]
  # @param seed [Integer]
  def initialize(command, seed)
    @schema = JSON.parse(File.read(File.join(FOLDER, "#{command}.schema.json")))
    @random = Random.new(seed)
  end

  # @return [Hash] one more document, without what the rules between its keys refuse
  # @yield [document] reads it
  def one
    @side = @random.rand(1..4)
    document = write(@schema, 0)
    TRIES.times do
      yield document
      return document
    rescue OakenGauge::Documents::Invalid => e
      e.faults.each { |fault| counted(document, fault.message) || given(document, fault) || mend(document, fault.pointer.split("/").drop(1), fault.message.start_with?("is missing")) }
    end
    document
  end

  private

  # What is wrong is left out, or where it is missing what it is missing of; at the top it is written anew.
  def mend(document, path, missing)
    *way, last = path
    return anew(document, last) if way.empty?
    return mend(document, way, false) if missing

    holder = dig(document, way)
    case holder
    when Hash then holder.delete(last)
    when Array then holder.size > 1 ? holder.delete_at(last.to_i) : mend(document, way, false)
    else mend(document, way, false)
    end
  end

  # How often blocks are made has to come to what the setting holds.
  def counted(document, message)
    holds = message[/in all: allowed are (\d+)/, 1] or return
    document["blocks"] = [document["blocks"].first.merge("count" => holds.to_i)]
  end

  # The fabrics of a unit are told by its roles, and are in the stock.
  def given(document, fault)
    roles = fault.message[/lacks fabrics: allowed are (.*)/, 1]
    *way, last = fault.pointer.split("/").drop(1)
    stock = document["stock"].is_a?(Hash) ? document["stock"].keys : []
    return unless stock.any? && (roles || fault.message.include?("has no stock")) && (holder = dig(document, way)).is_a?(Hash)

    holder[last] = roles ? roles.split(", ").to_h { |role| [role, pick(stock)] } : pick(stock)
  end

  def anew(document, key)
    one = @schema["properties"][key]
    one && (@schema.fetch("required", []).include?(key) || chance?(0.5)) ? document[key] = write(one, 1) : document.delete(key)
  end

  def dig(document, way)
    way.reduce(document) { |all, key| all.is_a?(Array) ? all[key.to_i] : (all[key] if all.is_a?(Hash)) }
  end

  def pick(list)
    list[@random.rand(list.size)]
  end

  def chance?(share)
    @random.rand < share
  end

  def write(schema, depth)
    return pick(NAMES) if schema == true

    schema = resolved(schema)
    return write(schema[pick(%w[then else])], depth) if schema.key?("else")

    schema = { "type" => "object", **schema } unless schema.keys.intersect?(%w[type const enum anyOf oneOf])
    return schema["const"] if schema.key?("const")
    return pick(schema["enum"]) if schema.key?("enum")

    choices = schema["anyOf"] || schema["oneOf"]
    return write(schema.except("anyOf", "oneOf").merge(resolved(pick(choices))), depth) if choices

    typed([schema["type"]].flatten.then { |types| pick(types) }, schema, depth)
  end

  # What stands beside a reference narrows it.
  def resolved(schema)
    return schema unless schema.key?("$ref")

    name = schema["$ref"].delete_prefix("#/$defs/")
    { **resolved(@schema.fetch("$defs").fetch(name)), "length" => name.end_with?("length"), **schema.except("$ref") }
  end

  def typed(type, schema, depth)
    case type
    when "object" then object(schema, depth)
    when "array" then list(schema, depth)
    when "string" then text(schema)
    when "integer" then whole(schema)
    when "number" then number(schema)
    when "boolean" then chance?(0.5)
    end
  end

  def object(schema, depth)
    schema = decided(schema)
    keys = schema.fetch("properties", {})
    return cell if keys.keys.sort == %w[cut fabrics]
    return block if %w[columns rows pieces].all? { |key| keys.key?(key) }

    more = schema["additionalProperties"]
    written = properties(keys, schema.fetch("required", []), depth)
    more.is_a?(Hash) ? written.merge(mapping(schema, more, depth)) : written
  end

  def properties(keys, must, depth)
    often = depth > DEEP ? 0.05 : 0.4
    keys.select { |key, _| must.include?(key) || chance?(often) }.to_h { |key, one| [key, write(one, depth + 1)] }
  end

  def cell
    cut = pick(CUTS.keys)
    { "cut" => cut, "fabrics" => Array.new(CUTS[cut]) { pick(NAMES) } }
  end

  # Units that stand on every cell, which no schema asks for.
  def block
    columns, rows = Array.new(2) { Array.new(@side) { "3" } }
    places = columns.each_index.to_a.product(rows.each_index.to_a)
    { "name" => pick(NAMES), "columns" => columns, "rows" => rows, "pieces" => places.map { |at| piece(at) } }
  end

  def piece(at)
    kind = pick(%w[square half_square hourglass square_in_square three_triangle cut_corner])
    roles = OakenGauge::Units.kinds.fetch(kind).roles.map(&:to_s)
    corner = kind == "cut_corner" ? { "corner" => "1", "corners" => @random.rand(1..4) } : {}
    { "kind" => kind, "at" => at, "turn" => @random.rand(4), "mirror" => chance?(0.5), "fabrics" => roles.to_h { |role| [role, pick(NAMES)] }, **corner }
  end

  # The key that tells the class of an object is decided first: what holds of that class is added.
  def decided(schema)
    all = schema.dup
    schema.fetch("allOf", []).each do |rule|
      add(all, pick(rule["oneOf"])) if rule["oneOf"]
      key, told = rule.dig("if", "properties")&.find { |_, one| one.key?("const") }
      add(all, resolved(rule.fetch("then", {}))) if key && value_of(all, key) == told["const"]
    end
    all
  end

  # What that key says in the object that is written.
  def value_of(all, key)
    all["properties"] = all.fetch("properties", {}).merge(key => { "const" => tag(all, key) }) unless all.dig("properties", key, "const")
    all.dig("properties", key, "const")
  end

  def tag(all, key)
    kinds = all.dig("properties", key)
    kinds&.key?("enum") ? pick(kinds["enum"]) : kinds && kinds["const"]
  end

  def add(all, more)
    all["properties"] = more.fetch("properties", {}).merge(all.fetch("properties", {}))
    all["required"] = all.fetch("required", []) | more.fetch("required", [])
    all["additionalProperties"] = more["additionalProperties"] if more.key?("additionalProperties")
  end

  def mapping(schema, more, depth)
    names = schema.dig("propertyNames", "enum") || NAMES
    names.sample(@random.rand(0..2), random: @random).to_h { |name| [name, write(more, depth + 1)] }
  end

  def list(schema, depth)
    least = schema.fetch("minItems", 0)
    most = [schema.fetch("maxItems", SHORT), chance?(0.03) && depth < 3 ? LONG : [SHORT, least].max].min
    Array.new(@random.rand(least..[least, most].max)) { write(schema.fetch("items"), depth + 1) }
  end

  def text(schema)
    return length(schema) if schema["length"]
    return pick(%w[#101820 #ffffff]) if schema["pattern"].to_s.include?("0-9a-f")

    pick(NAMES)[0, schema.fetch("maxLength", 80)]
  end

  def length(schema)
    ends = schema.values_at("x-at-least", "x-at-most")
    return pick(ends.compact) if ends.any? && chance?(0.15)

    low, high = ends.zip(%w[0 100]).map { |told, usual| (told || usual).split.sum(&:to_r).to_f }
    allowed = LENGTHS.select { |_, inches| inches.between?(low, high) }.keys
    pick(allowed.empty? ? ends.compact : allowed)
  end

  def whole(schema)
    least, most = schema.values_at("minimum", "maximum")
    least ||= 0
    most ||= least + 100
    case @random.rand(10)
    when 0 then least
    when 1 then most
    else @random.rand(least..[least + 12, most].min)
    end
  end

  def number(schema)
    least, most = schema.values_at("minimum", "maximum").map { |one| one&.to_f }
    least ||= 0.0
    most ||= least + 10
    pick([least, most, least + ((most - least) * @random.rand)])
  end
end
