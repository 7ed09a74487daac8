# frozen_string_literal: true

require "support/core_case"
require "support/golden"

# The figures of a few hundred documents are what they were.
class GoldenTest < CoreCase
  def test_figures_are_as_they_were_kept
    all = Golden.kept.zip(Golden.documents)
    compared = seeds_of(all.each_index).sum do |i|
      kept, document = all[i]
      now = Golden.answer(document)

      assert_equal kept.keys.sort, now.keys.sort, "document #{i}: #{document['unit']}"
      kept.each { |method, figures| assert_holds in_order(figures), in_order(now[method]), "document #{i}, #{document['unit']}, #{method}" }
      kept.size
    end

    assert_operator compared, :>, 250
  end

  # In which order cuts are listed is no figure.
  def in_order(figures)
    figures.key?("cuts") ? figures.merge("cuts" => figures["cuts"].sort_by(&:to_s)) : figures
  end
end
