# frozen_string_literal: true

require "support/core_case"

# docs/craft.md is made anew whenever the catalogue changes: bin/support/craft
class CraftPageTest < CoreCase
  DOCS = File.expand_path("../../docs", __dir__)

  def test_every_method_is_there_with_its_steps
    page = File.read(File.join(DOCS, "craft.md"))

    Methods.all.each do |method|
      example = JSON.parse(File.read(File.join(EXAMPLES, "#{method.path}.json")))["weigh"]
      steps = OakenGauge.weigh(example, view: true)["methods"].find { |one| one["method"] == method.id }["steps"]
      section = page[/^#### #{Regexp.escape(method.title)} \(`#{method.id}`\)\n\nMakes: #{method.makes.first.to_s.tr('_', ' ')}.*?(?=^####|<!-- end)/m]

      steps.each { |step| assert_includes section.to_s, step["say"], method.path }
    end
  end

  def test_every_value_of_the_profile_is_there
    page = File.read(File.join(DOCS, "craft.md"))

    Makers::Parameters.all.each_value { |one| assert_includes page, "| #{one.title} | #{one.assumed} | #{one.unit} | #{one.meaning} |" }
  end

  def test_every_picture_is_there
    pictures = File.read(File.join(DOCS, "craft.md")).scan(%r{pictures/([\w-]+\.svg)}).flatten

    assert_equal Dir.children(File.join(DOCS, "pictures")).sort, pictures.sort
  end
end
