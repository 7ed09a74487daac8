# frozen_string_literal: true

module OakenGauge
  module Methods
    module Template
      # Patches cut round templates on strips; squares and rectangles with a straight ruler, and
      # triangles too where some other patch of the unit has its template and they have none.
      class Patches < PatchesMethod
        title "Single patches round templates"
        makes(*Units.kinds.keys.map(&:to_sym))
        cutters Cutters::Template

        # @param unit [Units::Unit]
        # @return [Boolean] whether there is anything in it to lay a template on
        def self.offers?(unit)
          unit.shapes.any? { |shape| !PLAIN.include?(shape.kind) }
        end

        private

        def led_by
          "template"
        end

        def cutter(shape)
          (@cutters ||= {})[shape] ||= (by_ruler?(shape) ? Cutters::Rotary : Cutters::Template).new(self, shape)
        end

        def by_ruler?(shape)
          PLAIN.include?(shape.kind) || (shape.rotary? && !template?(shape) && unit.shapes.any? { |other| needs_template?(other) })
        end

        def needs_template?(shape)
          !shape.rotary? || template?(shape)
        end

        def template?(shape)
          !task.matching(Tools::Template, shape).exact.nil?
        end
      end
    end
  end
end
