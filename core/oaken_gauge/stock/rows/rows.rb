# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Laying one cut out in rows along strips of a fabric: the ways it can lie, the best of them, or the reason why none
      # will do. A strip holds one row, and every strip starts afresh.
      class Rows
        attr_reader :fabric, :cut, :measure

        def initialize(fabric, cut, measure)
          @fabric = fabric
          @cut = cut
          @measure = measure
        end

        # @return [Allocation]
        def allocation
          best ? allocation_of(best) : Allocation.refused(too_large)
        end

        # @param layout [RowLayout]
        # @return [Allocation]
        def allocation_of(layout)
          layout.allocation.tap { |allocation| allocation.short = shortage(layout) }
        end

        # @return [RowLayout, nil] the one that takes least; nil when the fabric has no room for one
        def best
          @best ||= layouts.min_by(&:preference)
        end

        # None of the ways to lie fits: across the strip, or else along it.
        # @return [Problem]
        def too_large
          wide_enough = forms.select { |form| fabric.strip_for(form.width) }
          wide_enough.empty? ? strip_too_narrow(forms.map(&:width).min) : strip_too_short(wide_enough.map { |form| form.reach.call(1) }.min)
        end

        private

        def forms
          @forms ||= cut.forms_on_strips(fabric.directional?)
        end

        def layouts
          forms.filter_map { |form| layout(form) }
        end

        def layout(form)
          strip = fabric.strip_for(form.width) or return
          held = form.per.call(fabric.strip_length)
          RowLayout.new(form: form, strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count) if held.positive?
        end

        def shortage(layout)
          held = fabric.strips_in_stock(layout.strip)
          return if held.nil? || held >= layout.taken

          missing = layout.taken - held
          Problem.new(code: :short, say: "Needs #{strips(layout.taken)} of #{say(layout.strip)} from the #{cut.role}; " \
                                         "the stock gives #{held}. Find #{missing} more, or make fewer.")
        end

        def strips(count)
          count == 1 ? "1 strip" : "#{count} strips"
        end

        # What is on no ruler is said in eighths.
        def say(size)
          Length.new(size.is_a?(Float) ? Grid.new(1/8r).ceil(size) : size, measure)
        end

        def strip_too_narrow(needed)
          Problem.new(code: :strip_too_narrow,
                      say: "Needs a #{cut.role} strip #{say(needed)} wide; the #{fabric.called(measure)} are too narrow. " \
                           "Use wider strips or yardage, or a method that cuts smaller.")
        end

        def strip_too_short(needed)
          Problem.new(code: :short,
                      say: "One piece is #{say(needed)} long; the #{cut.role} is #{say(fabric.strip_length)} " \
                           "along the strip, #{say(needed - fabric.strip_length)} too short.")
        end
      end
    end
  end
end
