# frozen_string_literal: true

require "support/core_case"
require "support/catalogue"

# The side that a seam is pressed to is the one that its words name.
class PressedSidesTest < CoreCase
  def test_the_side_is_that_of_the_words
    told = Catalogue.units.flat_map { |document| [OakenGauge.read_unit(document)] }.flat_map { |unit| seams(unit) }

    assert_operator told.size, :>, 40
    told.each do |words, roles|
      next if words.start_with?("to one side", "alternately")

      assert(roles.any? { |role| words.include?(role.to_s) } && words.include?(roles.join(" and ")), "#{words}: #{roles}")
    end
  end

  private

  def seams(unit)
    sewing = Methods::Sewing.new(unit, 1/4r)
    unit.frame.joints.each_with_index.map do |joint, seam|
      patches = joint.patches.uniq.select { |patch| joint.side_of(patch) == sewing.side(seam) }
      [sewing.toward(seam), patches.map { |patch| unit.patches[patch].role }.uniq]
    end
  end
end
